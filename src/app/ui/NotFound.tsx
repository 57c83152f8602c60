import { Link } from "react-router";
import { Notice } from "./Notice";

export function NotFound() {
  return (
    <div className="m-auto max-w-xl p-6">
      <Notice heading="h1" title="There is nothing at this address">
        <p>The post may have been deleted, or the address mistyped.</p>
        <Link to="/" className="quiet-link mt-3 inline-block">
          Go to the Desk
        </Link>
      </Notice>
    </div>
  );
}
