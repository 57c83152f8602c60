/** Claims of the text, one by one: with their source, without one, or accepted as they are. */
import { useMemo, useState } from "react";
import { CLAIM_REASONS, type Claim, claimKey, claimsOf } from "../../../core/marking/claims";
import { languagePack } from "../../../core/text/language";
import { claimsOfBlock } from "../../posts/openClaims";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { count } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { usePostSession } from "../SessionContext";
import type { Goal } from "../useGo";
import { useOpenPost } from "../useOpenPost";
import { useRests } from "../useRests";

const NONE: string[] = [];

/** Claims of the open post, as they are each time typing rests. */
export function useClaims(): { claims: Claim[]; open: number; accepted: string[] } {
  const session = usePostSession();
  const { post } = useOpenPost("post");
  const rests = useRests();
  const accepted = post?.acceptedClaims ?? NONE;
  const language = post?.language ?? "";
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stand for the document
  const claims = useMemo(
    () => claimsOf(session.blocks(), languagePack(language), claimsOfBlock),
    [session, rests, language],
  );
  const open = claims.filter((claim) => !claim.source && !accepted.includes(claimKey(claim))).length;
  return { claims, open, accepted };
}

interface Props {
  onGo: (goal: Goal) => void;
  onClose: () => void;
}

export function ClaimsSheet({ onGo, onClose }: Props) {
  const dispatch = useAppDispatch();
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  const { claims, open, accepted } = useClaims();
  const [all, setAll] = useState(false);
  const settled = (claim: Claim) => claim.source !== null || accepted.includes(claimKey(claim));
  const accept = (claim: Claim, yes: boolean) => {
    const key = claimKey(claim);
    dispatch(
      postEdited({
        acceptedClaims: yes ? [...accepted, key] : accepted.filter((one) => one !== key),
      }),
    );
  };
  const shown = claims.filter((claim) => all || !settled(claim));
  return (
    <Sheet title="Claims" wide onClose={onClose}>
      <div className="mb-3 flex items-center gap-4">
        <p>
          {open
            ? `${count(open, "claim")} without a source. Link one in the sentence or beside it, or accept it as it is.`
            : "Every claim has a source or was accepted."}
        </p>
        <label className="ml-auto flex items-center gap-1.5 text-[13px]">
          <input type="checkbox" checked={all} onChange={(event) => setAll(event.target.checked)} />
          Show settled claims
        </label>
      </div>
      <ul aria-label="Claims" className="border-t border-rule">
        {shown.map((claim) => {
          const taken = accepted.includes(claimKey(claim));
          return (
            <li
              key={`${claim.block} ${claim.start}`}
              className="grid grid-cols-[1fr_9rem_14rem_auto] items-baseline gap-x-4 border-b border-rule py-2"
            >
              <span className="font-serif text-[15px]">{claim.sentence}</span>
              <span className="text-[13px] text-ink-2">{CLAIM_REASONS[claim.why]}</span>
              <span className="truncate text-[13px]" title={claim.source?.href}>
                {claim.source ? (
                  <>source: {claim.source.text || claim.source.href}</>
                ) : taken ? (
                  "accepted as it is"
                ) : (
                  <strong className="font-semibold text-plum">no source</strong>
                )}
              </span>
              <span className="flex gap-3 text-[13px]">
                <button
                  type="button"
                  className="quiet-link"
                  onClick={() =>
                    onGo({ block: claim.block, start: claim.start, end: claim.end, part: "text" })
                  }
                >
                  Go
                </button>
                {!claim.source && !readOnly && (
                  <button type="button" className="quiet-link" onClick={() => accept(claim, !taken)}>
                    {taken ? "Reopen" : "Accept"}
                  </button>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </Sheet>
  );
}
