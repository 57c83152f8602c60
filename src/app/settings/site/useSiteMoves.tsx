/** Changes of the site that move pages: shown before they are made, and each old address is kept as a redirect. */
import { type ReactNode, useState } from "react";
import { type Move, movedAddresses } from "../../../core/site/moves";
import { freshId } from "../../../data/freshId";
import type { Redirect, Site } from "../../../data/model";
import { addRedirect } from "../../../data/redirects";
import { useAppStore } from "../../store/hooks";
import { selectPosts } from "../../store/selectors";
import { MovesSheet } from "./MovesSheet";

interface Proposal {
  next: Site;
  why: Redirect["why"];
  /** Stores the site. */
  store: (next: Site) => Promise<unknown>;
  /** The change is not made after all. */
  onRefused: () => void;
}

/** @returns how to propose a change, and the sheet that shows what it would move */
export function useSiteMoves(): { propose: (proposal: Proposal) => Promise<void>; sheet: ReactNode } {
  const appStore = useAppStore();
  const [moving, setMoving] = useState<(Proposal & { moves: Move[] }) | null>(null);

  const propose = async (proposal: Proposal): Promise<void> => {
    const before = appStore.getState().session.site;
    const live = selectPosts(appStore.getState()).filter(({ status }) => status === "live");
    const moves = movedAddresses(live, before, proposal.next);
    if (moves.length) setMoving({ ...proposal, moves });
    else await proposal.store(proposal.next);
  };

  const settle = async (go: boolean): Promise<void> => {
    if (!moving) return;
    if (!go) {
      setMoving(null);
      moving.onRefused();
      return;
    }
    const since = new Date().toISOString();
    for (const { postId, from, to } of moving.moves)
      await addRedirect({ id: freshId(), from, to, since, why: moving.why, postId });
    await moving.store(moving.next);
    // Not before it is stored: whoever sees the sheet gone may leave.
    setMoving(null);
  };

  return {
    propose,
    sheet: moving && (
      <MovesSheet
        moves={moving.moves}
        onConfirm={() => void settle(true)}
        onClose={() => void settle(false)}
      />
    ),
  };
}
