/** Assembled outlines, side by side: made of the competing pages and the person's points, all kept in the drawer; taken whole or in parts. */

import { ListTree, Trash2 } from "lucide-react";
import { useState } from "react";
import { noPiece, pieceWithDefaults } from "../../../core/outline/piece";
import { addToDrawer, removeFromDrawer } from "../../../data/drawer";
import { freshId } from "../../../data/freshId";
import type { KeptOutline } from "../../../data/model";
import { now } from "../../keywords/actions";
import { attempt } from "../../store/attempt";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector, useAppStore } from "../../store/hooks";
import { outlineReplaced, outlineUndone } from "../../store/openPostSlice";
import { useSession } from "../../store/useSession";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { dayAndTime } from "../../ui/dates";
import { count } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";
import { useOpenPost } from "../useOpenPost";
import { gapRules, openCompetitors, readKept } from "./competitorActions";
import { useCompetitorParts } from "./useCompetitorParts";

export function AssembleSheet({ onClose }: { onClose: () => void }) {
  const store = useAppStore();
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const { post, piece, readOnly } = useOpenPost("post", "piece", "readOnly");
  const { analysis, drawer } = useCompetitorParts("analysis", "drawer");
  const { site, profile } = useSession("site", "profile");
  const [busy, setBusy] = useState(false);
  if (!post) return null;
  const make = async () => {
    const competitors = openCompetitors(store.getState());
    if (!competitors) return;
    setBusy(true);
    const { points } = pieceWithDefaults(piece, site.piece ?? noPiece);
    const outlines = await workers.competitors.assemble(competitors, points, gapRules(profile).leastPresence);
    const earlier = new Set(drawer.map(({ items }) => JSON.stringify(items)));
    const fresh = outlines.filter(({ items }) => !earlier.has(JSON.stringify(items)));
    const createdAt = now();
    const entries = fresh.map(
      (one): KeptOutline => ({ ...one, id: freshId(), kind: "outline", postId: post.id, createdAt }),
    );
    if (!outlines.length) toast("The competing pages share too few headings to make an outline.");
    else if (!fresh.length)
      toast("The competing pages and your points give the same outlines as before; they are listed here.");
    else if (await attempt(() => addToDrawer(entries)))
      toast(`${count(fresh.length, "outline")} assembled and kept in the drawer.`);
    await dispatch(readKept(post.id));
  };
  return (
    <Sheet title="Outlines from competing pages" wide onClose={onClose}>
      <div className="mb-3 flex items-center gap-3">
        <p className="mr-auto text-ink-2">
          Up to three, made from what the pages share and your own points. Each stays in the drawer.
        </p>
        <Button
          kind="primary"
          disabled={busy || readOnly || !analysis}
          onClick={() => attemptRead(make().finally(() => setBusy(false)))}
        >
          <ListTree size={15} aria-hidden="true" /> Assemble
        </Button>
      </div>
      {drawer.length === 0 ? (
        <p className="p-6 text-center text-ink-2">The drawer is empty.</p>
      ) : (
        <ul aria-label="Drawer" className="grid gap-4 mid:grid-cols-3">
          {drawer.map((entry) => (
            <Entry key={entry.id} entry={entry} onTaken={onClose} />
          ))}
        </ul>
      )}
    </Sheet>
  );
}

function Entry({ entry, onTaken }: { entry: KeptOutline; onTaken: () => void }) {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const { outline, readOnly } = useOpenPost("outline", "readOnly");
  const { analysis } = useCompetitorParts("analysis");
  const site = useAppSelector((state) => state.session.site);
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const { id, title, why, items, createdAt, postId } = entry;
  const undo = { action: { label: "Undo", onClick: () => dispatch(outlineUndone()) } };
  const merge = async () => {
    const parts = chosen.size ? items.filter((_, i) => chosen.has(i)) : items;
    const of = { keyword: analysis?.keyword ?? "", language: analysis?.language ?? site.language };
    const { items: merged, added } = await workers.competitors.merge(outline, parts, of);
    dispatch(outlineReplaced(merged));
    toast(
      added
        ? `${count(added, "heading")} added; existing headings are unchanged.`
        : "All of it was in the outline already.",
      added ? undo : {},
    );
    onTaken();
  };
  const replace = () => {
    dispatch(outlineReplaced(items.map(({ from: _from, ...item }) => ({ ...item, id: freshId() }))));
    toast(`The outline is now “${title}”.`, undo);
    onTaken();
  };
  const remove = async () => {
    await attempt(() => removeFromDrawer(id));
    await dispatch(readKept(postId));
    toast(`“${title}” was removed from the drawer.`, {
      action: {
        label: "Undo",
        onClick: () => void addToDrawer([entry]).then(() => dispatch(readKept(postId))),
      },
    });
  };
  return (
    <li className="flex flex-col border border-rule bg-paper p-3">
      <div className="flex items-start gap-2">
        <h3 className="mr-auto font-serif text-[17px]">{title}</h3>
        <button
          type="button"
          aria-label={`Remove “${title}” from the drawer`}
          disabled={readOnly}
          onClick={() => void remove()}
          className="text-ink-2 hover:text-plum"
        >
          <Trash2 size={15} aria-hidden="true" />
        </button>
      </div>
      <p className="text-[12px] text-ink-2">
        {why} {dayAndTime(createdAt)}
      </p>
      <ul className="my-2 max-h-[42vh] flex-1 overflow-y-auto border border-rule bg-sheet">
        {items.map(({ text, level, from, faq }, i) => (
          <li key={`${i} ${text}`} className={level === 3 ? "pl-5" : ""}>
            <label className="flex items-start gap-2 px-2 py-0.5">
              <Checkbox
                className="mt-1"
                checked={chosen.has(i)}
                onChange={(checked) => {
                  const next = new Set(chosen);
                  if (checked) next.add(i);
                  else next.delete(i);
                  setChosen(next);
                }}
              />
              <span className="min-w-0">
                <span className={level === 2 ? "font-semibold" : ""}>{text}</span>
                <span className="block text-[12px] text-ink-2">
                  {faq && "FAQ · "}
                  {from}
                </span>
              </span>
            </label>
          </li>
        ))}
      </ul>
      <div className="flex gap-2">
        <Button kind="primary" disabled={readOnly} onClick={() => void merge()}>
          {chosen.size ? `Add the ${chosen.size} ticked` : "Add to outline"}
        </Button>
        <Button disabled={readOnly} onClick={replace}>
          Replace outline
        </Button>
      </div>
    </li>
  );
}
