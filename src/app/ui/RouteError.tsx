import { Link, useRouteError } from "react-router";
import { Notice } from "./Notice";

export function RouteError({ notFound = false }: { notFound?: boolean }) {
  const error = useRouteError();
  const message = error instanceof Error ? error.message : "";
  return (
    <div className="m-auto max-w-xl p-6">
      <Notice
        heading="h1"
        title={notFound ? "There is nothing at this address" : "This screen could not be shown"}
      >
        <p>
          {notFound
            ? "The post may have been deleted, or the address mistyped."
            : `What was saved is safe. The reason was: ${message || "unknown"}.`}
        </p>
        <Link to="/" className="quiet-link mt-3 inline-block">
          Go to the Desk
        </Link>
      </Notice>
    </div>
  );
}
