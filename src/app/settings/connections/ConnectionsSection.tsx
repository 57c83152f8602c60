import { CONNECTIONS } from "./registry";

/** Where outside services are reached. */
export const ConnectionsSection = () => (
  <div className="flex flex-col gap-6">
    {CONNECTIONS.map(({ id, name, Form }) => (
      <section key={id} aria-label={name}>
        <h3 className="mb-2 border-b border-rule text-[13px] text-ink-2">{name}</h3>
        <Form />
      </section>
    ))}
  </div>
);
