/** How the post stands with its readers, and the one thing to do next, in words that say exactly what will happen. */
import { CalendarClock, Copy, ExternalLink, Send, Undo2 } from "lucide-react";
import { useState } from "react";
import type { Post, Site } from "../../../data/model";
import type { BlogConfig } from "../../../services/blog/blogClient";
import { sayItIsNotThere, takeOut } from "../../publishing/outboxActions";
import { publish, sendOver, tryAgain, withdraw } from "../../publishing/publish";
import type { Publishing } from "../../publishing/usePublishing";
import { useAppDispatch } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { useSession } from "../../store/useSession";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { count, whole } from "../../ui/figures";
import { momentOfSite } from "../../ui/siteTime";
import { toast } from "../../ui/toast";
import { usePostSession } from "../SessionContext";
import { discardChanges } from "./discardChanges";
import { ScheduleSheet } from "./ScheduleSheet";

interface Props {
  post: Post;
  publishing: Publishing;
  /** What the blog can do; null while it has not said. */
  config: BlogConfig | null;
  readOnly: boolean;
  /** Gates that are not passed. */
  open: number;
  waived: boolean;
  /** Whether what differs is shown in place of the preview. */
  comparing: boolean;
  onCompare: (comparing: boolean) => void;
}

export function PublishPanel(props: Props) {
  const { post, publishing, config, readOnly, open, waived } = props;
  const { copy, item, changes } = publishing;
  const dispatch = useAppDispatch();
  const session = usePostSession();
  const { site, blog } = useSession("site", "blog");
  const [scheduling, setScheduling] = useState(false);
  // What both sides changed is decided first, beside this.
  const held = readOnly || (open > 0 && !waived) || item?.state === "conflict";
  const scheduled = post.status === "scheduled";
  const target = blog.kind === "stand-in" ? `${site.blogName || site.name} (stand-in)` : blog.name;
  const send = (at: string | null) => attemptRead(dispatch(publish([post.id], at)));
  const subscribers = config?.subscribers ?? null;
  const clockAhead = config?.clockAhead ?? 0;
  const differs = copy !== null && changes.length > 0;
  return (
    <section aria-label="Publish" className="border border-rule bg-sheet p-3">
      <h2 className="sr-only">Publish</h2>
      <State {...props} site={site} />
      {item && <OnItsWay item={item} />}
      {clockAhead !== 0 && (
        <p role="status" className="mt-2 border-l-2 border-plum pl-2 text-[13px]">
          This computer's clock is {count(Math.round(Math.abs(clockAhead) / 60_000) || 1, "minute")}{" "}
          {clockAhead > 0 ? "ahead of" : "behind"} the blog's. Publishing now is right all the same; a
          scheduled post goes live by the blog's clock.
        </p>
      )}
      {subscribers !== null && (copy === null || scheduled) && (
        <label className="mt-3 flex items-start gap-1.5">
          <Checkbox
            className="mt-0.5"
            checked={post.mailed ?? false}
            disabled={readOnly}
            onChange={(mailed) => dispatch(postEdited({ mailed }))}
          />
          <span>
            Mail it to the {whole(subscribers)} subscribers too
            {blog.kind === "stand-in" && (
              <span className="block text-[12px] text-ink-2">
                The stand-in mails nobody: it keeps the message as a file.
              </span>
            )}
          </span>
        </label>
      )}
      <div className="mt-3 flex flex-col gap-2 [&>button]:h-auto [&>button]:min-h-8 [&>button]:whitespace-normal [&>button]:text-left">
        {copy === null && !scheduled && (
          <>
            <Button kind="primary" disabled={held} onClick={() => send(null)}>
              <Send size={15} aria-hidden="true" /> Publish now to {target}
            </Button>
            <Button disabled={held} onClick={() => setScheduling(true)}>
              <CalendarClock size={15} aria-hidden="true" /> Schedule …
            </Button>
          </>
        )}
        {scheduled && (
          <>
            {differs && (
              <Button kind="primary" disabled={held} onClick={() => send(post.publishAt ?? null)}>
                <Send size={15} aria-hidden="true" /> Send the changes
              </Button>
            )}
            <Button disabled={held} onClick={() => setScheduling(true)}>
              <CalendarClock size={15} aria-hidden="true" /> Change the time …
            </Button>
            <Button disabled={held} onClick={() => send(new Date().toISOString())}>
              Publish now
            </Button>
          </>
        )}
        {copy !== null && !scheduled && differs && (
          <>
            <Button kind="primary" disabled={held} onClick={() => send(null)}>
              <Send size={15} aria-hidden="true" /> Send the changes to {target}
            </Button>
            <Button
              disabled={readOnly}
              onClick={() => attemptRead(dispatch(discardChanges(post.id, copy, session)))}
            >
              <Undo2 size={15} aria-hidden="true" /> Discard the changes
            </Button>
          </>
        )}
        {(copy !== null || scheduled) && (
          <Button kind="quiet" disabled={readOnly} onClick={() => attemptRead(dispatch(withdraw(post.id)))}>
            {scheduled ? "Keep it as a draft" : "Withdraw"}
          </Button>
        )}
      </div>
      {scheduling && (
        <ScheduleSheet
          what={`“${post.title || "this post"}”`}
          timeZone={site.timeZone}
          value={post.publishAt ?? ""}
          onSchedule={send}
          onClose={() => setScheduling(false)}
        />
      )}
    </section>
  );
}

function State({ post, publishing, comparing, onCompare, site }: Props & { site: Site }) {
  const { copy, changes, blocks, address } = publishing;
  const when = momentOfSite(post.publishAt || post.date, site.timeZone);
  const says =
    post.status === "scheduled"
      ? `Goes live ${when}.`
      : copy
        ? `Live since ${when}.`
        : post.status === "withdrawn"
          ? "Withdrawn: readers do not find it."
          : post.status === "live"
            ? "Live elsewhere: it was not sent from here."
            : "Not published yet: kept as a draft.";
  const parts = changes.map((name) => (name === "text" ? (blocks ? count(blocks, "block") : "text") : name));
  return (
    <>
      <p role="status" className="font-serif text-lg leading-snug">
        {says}
      </p>
      {copy && post.status === "live" && (
        <p className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[13px]">
          {address ? (
            <>
              <a
                className="quiet-link flex items-center gap-1"
                href={address}
                target="_blank"
                rel="noreferrer"
              >
                <ExternalLink size={14} aria-hidden="true" /> Open the live page
              </a>
              <button
                type="button"
                className="quiet-link flex items-center gap-1"
                onClick={() =>
                  attemptRead(
                    navigator.clipboard.writeText(address).then(() => {
                      toast(`Copied ${address}`);
                    }),
                  )
                }
              >
                <Copy size={14} aria-hidden="true" /> Copy its address
              </button>
            </>
          ) : (
            <span className="text-ink-2">The stand-in blog does not run: its page cannot be opened.</span>
          )}
        </p>
      )}
      {copy && changes.length > 0 && (
        <p className="mt-2 border-l-2 border-plum pl-2">
          <strong className="text-plum">Changed, not sent:</strong> {parts.join(", ")}.{" "}
          <button
            type="button"
            className="quiet-link"
            aria-pressed={comparing}
            onClick={() => onCompare(!comparing)}
          >
            {comparing ? "Show the page" : "Compare with what is live"}
          </button>
        </p>
      )}
      {copy && !changes.length && post.status === "live" && (
        <p className="mt-1 text-[13px] text-ink-2">Readers have exactly this.</p>
      )}
    </>
  );
}

/** What waits, and what stands in its way. */
function OnItsWay({ item }: { item: NonNullable<Publishing["item"]> }) {
  const dispatch = useAppDispatch();
  const { site } = useSession("site");
  const { state, says, notBefore, nextTry, id, action } = item;
  const later = notBefore > new Date().toISOString();
  const words: Record<typeof state, string> = {
    waiting: later
      ? `Waits in this browser until ${momentOfSite(notBefore, site.timeZone)}: the blog keeps nothing back, so leave Dune Sparrow open then, or open it later.`
      : says
        ? `${says} It is tried again ${nextTry ? `at ${momentOfSite(nextTry, site.timeZone)}` : "soon"}, and nothing is lost.`
        : action === "withdraw"
          ? "On its way: it is being withdrawn …"
          : "On its way to the blog …",
    sent: "",
    refused: says,
    conflict: says,
    unsure: says,
  };
  const bad = state !== "waiting" || says !== "";
  return (
    <div
      role={bad ? "alert" : "status"}
      className={`mt-2 border-l-2 pl-2 ${bad ? "border-plum" : "border-proof"}`}
    >
      <p className={bad ? "text-plum" : ""}>{words[state]}</p>
      <p className="mt-1 flex flex-wrap gap-x-4 text-[13px]">
        {state === "unsure" && (
          <button
            type="button"
            className="quiet-link"
            onClick={() => attemptRead(dispatch(sayItIsNotThere(id)))}
          >
            It is not there: send it
          </button>
        )}
        {state === "conflict" && (
          <button type="button" className="quiet-link" onClick={() => attemptRead(dispatch(sendOver(id)))}>
            Send mine whole, in its place
          </button>
        )}
        {(state === "refused" || (state === "waiting" && says !== "")) && (
          <button type="button" className="quiet-link" onClick={() => attemptRead(dispatch(tryAgain(id)))}>
            Try again now
          </button>
        )}
        <button type="button" className="quiet-link" onClick={() => attemptRead(dispatch(takeOut(item)))}>
          Do not send
        </button>
      </p>
    </div>
  );
}
