import { useLiveQuery } from "dexie-react-hooks";
import { Link } from "react-router";
import type { Post } from "../../data/model";
import { getBackedUp } from "../../data/settings";
import { backupReminder } from "./attention";

/** A quiet word where all that is here is in this browser only, and has been for long. */
export function BackupLine({ posts }: { posts: readonly Post[] }) {
  const backedUp = useLiveQuery(getBackedUp);
  const says = backedUp === undefined ? null : backupReminder(posts, backedUp, new Date().toISOString());
  if (!says) return null;
  return (
    <p className="mb-2 text-[13px] text-ink-2">
      {says}{" "}
      <Link className="quiet-link" to="/settings#workspace">
        Download the workspace file
      </Link>
    </p>
  );
}
