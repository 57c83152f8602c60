/** What was sent last, what is at the blog now and what is here, difference by difference, each to be taken from either side. */
import { useMemo, useState } from "react";
import { likelyChoices, type Side } from "../../../core/versions/threeWays";
import type { LiveCopy, OutboxItem, Post } from "../../../data/model";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { count } from "../../ui/figures";
import { Radio, RadioGroup } from "../../ui/Radio";
import { usePostSession } from "../SessionContext";
import { conflictOf, settleConflict } from "./conflict";

interface Props {
  post: Post;
  item: OutboxItem;
  copy: LiveCopy;
  rests: number;
  readOnly: boolean;
}

export function ConflictPanel({ post, item, copy, rests, readOnly }: Props) {
  const dispatch = useAppDispatch();
  const session = usePostSession();
  const { categories } = useAppSelector((state) => state.session.site);
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stands for the document
  const conflict = useMemo(
    () => conflictOf(post, session.json(), copy, item.theirs!, categories),
    [post, copy, item.theirs, categories, session, rests],
  );
  const likely = useMemo(() => likelyChoices(conflict.blocks), [conflict]);
  const [chosen, setChosen] = useState<ReadonlyMap<string, Side>>(new Map());
  const choose = (key: string, side: Side) => setChosen((before) => new Map(before).set(key, side));
  const sideOfField = ({ name, changedBy }: (typeof conflict.fields)[number]): Side =>
    chosen.get(name) ?? (changedBy === "theirs" ? "theirs" : "mine");
  const blockSides = likely.map((side, at) => chosen.get(`block ${at}`) ?? side);
  const differing = conflict.blocks.flatMap((one, at) => (one.changedBy ? [{ ...one, at }] : []));
  const all = conflict.fields.length + differing.length;
  return (
    <section aria-label="Changed at the blog and here" className="min-w-0">
      <h2 className="font-serif text-xl">Changed at the blog and here</h2>
      <p className="mb-3 mt-1 max-w-[46rem] text-[13px] text-ink-2">
        {all
          ? `${count(all, "difference")}. What only one side changed is chosen already; look at what both changed. Nothing is sent until you say so, and your text as it is now is kept as a version.`
          : "Both say the same by now: sending changes nothing."}
      </p>
      <div className="border border-rule bg-sheet">
        {conflict.fields.map((field) => (
          <Difference
            key={field.name}
            label={field.label}
            before={field.before}
            theirs={field.theirs}
            mine={field.mine}
            changedBy={field.changedBy}
            side={sideOfField(field)}
            readOnly={readOnly}
            onSide={(side) => choose(field.name, side)}
          />
        ))}
        {differing.map(({ at, before, parts, theirs, mine, changedBy }) => (
          <Difference
            key={at}
            label={`Block ${at + 1}`}
            before={before}
            theirs={theirs ? wordsOf(parts, "removed") : null}
            mine={mine ? wordsOf(parts, "added") : null}
            changedBy={changedBy!}
            side={blockSides[at]!}
            readOnly={readOnly}
            onSide={(side) => choose(`block ${at}`, side)}
          />
        ))}
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button
          kind="primary"
          disabled={readOnly}
          onClick={() =>
            attemptRead(
              dispatch(
                settleConflict(
                  item,
                  session,
                  conflict,
                  Object.fromEntries(conflict.fields.map((field) => [field.name, sideOfField(field)])),
                  blockSides,
                ),
              ),
            )
          }
        >
          Use what is chosen, and send it
        </Button>
      </div>
    </section>
  );
}

/** One side's words of two texts. */
const wordsOf = (parts: readonly { text: string; kind: string }[], own: "removed" | "added"): string =>
  parts
    .filter(({ kind }) => kind === "same" || kind === own)
    .map(({ text }) => text)
    .join("");

const BY = {
  theirs: "changed at the blog",
  mine: "changed here",
  both: "changed on both sides",
} as const;

interface DifferenceProps {
  label: string;
  /** In words; null where there is nothing on that side. */
  before: string;
  theirs: string | null;
  mine: string | null;
  changedBy: keyof typeof BY;
  side: Side;
  readOnly: boolean;
  onSide: (side: Side) => void;
}

function Difference(props: DifferenceProps) {
  const { label, before, theirs, mine, changedBy, side, readOnly, onSide } = props;
  const option = (value: Side, name: string, words: string | null) => (
    <label
      className={`flex min-w-0 items-start gap-2 border-l-2 px-3 py-2 ${side === value ? "border-proof bg-proof-wash" : "border-transparent"}`}
    >
      <Radio value={value} className="mt-0.5" />
      <span className="min-w-0">
        <span className="block text-[12px] text-ink-2">{name}</span>
        <span dir="auto" className="block whitespace-pre-wrap break-words font-serif">
          {words === null ? <em className="font-sans text-ink-2">nothing here</em> : words || "(empty)"}
        </span>
      </span>
    </label>
  );
  return (
    <div className="border-b border-rule last:border-b-0">
      <p className="flex flex-wrap items-baseline gap-x-3 px-3 pt-2 text-[13px]">
        <strong>{label}</strong>
        <span className={changedBy === "both" ? "text-plum" : "text-ink-2"}>{BY[changedBy]}</span>
        {changedBy === "both" && (
          <span className="min-w-0 text-ink-2">
            last sent: <span dir="auto">{before || "nothing"}</span>
          </span>
        )}
      </p>
      <RadioGroup
        label={`${label}: which to use`}
        value={side}
        onChange={(next) => {
          if (!readOnly) onSide(next as Side);
        }}
        className="grid grid-cols-2 small:grid-cols-1"
      >
        {option("theirs", "At the blog now", theirs)}
        {option("mine", "Here", mine)}
      </RadioGroup>
    </div>
  );
}
