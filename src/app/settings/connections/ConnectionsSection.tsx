import { CONNECTIONS } from "./registry";

/** Where outside services are reached. */
export const ConnectionsSection = () => (
  <div className="flex flex-col gap-6">
    {CONNECTIONS.map(({ id, Form }) => (
      <Form key={id} />
    ))}
  </div>
);
