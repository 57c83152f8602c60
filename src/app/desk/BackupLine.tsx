import { Link } from "react-router";
import type { Post } from "../../data/model";
import { getBackedUp } from "../../data/settings";
import { useAsk } from "../store/useAsk";
import { backupReminder } from "./attention";

/** A quiet word where all that is here is in this browser only, and has been for long. */
export function BackupLine({ posts }: { posts: readonly Post[] }) {
  const backedUp = useAsk(getBackedUp, []);
  const says =
    backedUp.state === "ready" ? backupReminder(posts, backedUp.value, new Date().toISOString()) : null;
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
