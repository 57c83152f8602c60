/** Above the sheet of a copy: what is still as in its source, one by one. */
import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { postLeftovers } from "../../posts/postLeftovers";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { count } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";
import { usePostSession } from "../SessionContext";
import type { Goal } from "../useGo";
import { useOpenPost } from "../useOpenPost";
import { useRests } from "../useRests";

/** Fields that are not on the sheet. */
const IN_RELEASE = new Set<string>(["date", "socialPicture"]);

export function LeftoversLine({ onGo }: { onGo: (goal: Goal) => void }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const session = usePostSession();
  const { post, source, readOnly } = useOpenPost("post", "source", "readOnly");
  const site = useAppSelector((state) => state.session.site);
  const [open, setOpen] = useState(true);
  const rests = useRests();
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stand for the document
  const left = useMemo(
    () => (post ? postLeftovers(post, site, session.blocks(), source) : []),
    [post, site, session, source, rests],
  );
  if (!post || !source || !left.length) return null;
  const accept = (keys: string[]) =>
    dispatch(postEdited({ acceptedLeftovers: [...(post.acceptedLeftovers ?? []), ...keys] }));
  return (
    <section
      aria-label="Leftovers"
      className="mb-3 border print:hidden border-plum/40 bg-plum-wash px-4 py-2 text-[13px]"
    >
      <div className="flex items-center gap-4">
        <p>
          <strong className="font-semibold text-plum">{count(left.length, "leftover")}</strong> of “
          {source.post.title || "Untitled post"}”: change each, or accept it as it is.
        </p>
        <button
          type="button"
          className="quiet-link ml-auto"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {open ? "Hide" : "Show"}
        </button>
      </div>
      {open && (
        <ul className="mt-1 max-h-48 overflow-y-auto">
          {left.map(({ key, name, says, place }) => (
            <li
              key={key}
              className="grid grid-cols-[8rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-t border-plum/20 py-1"
            >
              <span className="text-plum">{name}</span>
              <Tooltip says={says} whenCut>
                <span className="truncate">{says}</span>
              </Tooltip>
              <span className="flex gap-3">
                <button
                  type="button"
                  className="quiet-link"
                  aria-label={`Go to ${name}: ${says.slice(0, 40)}`}
                  onClick={() => {
                    if (!("field" in place))
                      onGo({ block: place.block, start: 0, end: 0, part: place.alt ? "alt" : "text" });
                    else if (IN_RELEASE.has(place.field))
                      void navigate("../release", {
                        relative: "path",
                        state: { goal: { field: place.field } },
                      });
                    else onGo({ field: place.field });
                  }}
                >
                  Go
                </button>
                <button
                  type="button"
                  className="quiet-link"
                  aria-label={`Accept ${name}: ${says.slice(0, 40)}`}
                  disabled={readOnly}
                  onClick={() => accept([key])}
                >
                  Accept
                </button>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
