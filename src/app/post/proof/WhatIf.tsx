/** What if: titles, descriptions and slugs tried beside the draft, each with its score and how it would look. Several are kept; one may be taken. */
import { PenLine, Plus } from "lucide-react";
import { useState } from "react";
import { compareReports } from "../../../core/proof/compare";
import type { Finding } from "../../../core/proof/finding";
import { freshId } from "../../../data/freshId";
import type { Post, Try } from "../../../data/model";
import { useAppDispatch } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { Button } from "../../ui/Button";
import { points } from "../../ui/figures";
import { toast } from "../../ui/toast";
import { FieldsSuggestSheet } from "../FieldsSuggestSheet";
import { useOpenPost } from "../useOpenPost";
import { useTries } from "./useTries";

const FIELDS = [
  { key: "title", name: "Title" },
  { key: "metaTitle", name: "Meta title" },
  { key: "description", name: "Description" },
  { key: "slug", name: "Slug" },
] as const;
const MOST = 8;
const NONE: readonly Try[] = [];

interface Props {
  /** The try that the results list shows; null for the draft's own. */
  shown: string | null;
  onShow: (id: string | null) => void;
}

export function WhatIf({ shown, onShow }: Props) {
  const { post, report, readOnly } = useOpenPost("post", "report", "readOnly");
  const dispatch = useAppDispatch();
  const tries = post?.tries ?? NONE;
  const scores = useTries(tries);
  const [suggesting, setSuggesting] = useState(false);
  if (!post || !report) return null;
  const keep = (next: readonly Try[]) => dispatch(postEdited({ tries: [...next] }));
  const add = () => {
    const { title, metaTitle, description, slug } = post;
    const trial: Try = { id: freshId(), title, metaTitle, description, slug };
    keep([...tries, trial]);
    onShow(trial.id);
  };
  return (
    <section aria-label="What if" className="border border-rule bg-sheet p-3">
      <h3 className="mb-1 flex items-center justify-between text-[13px]">
        What if
        <Button kind="quiet" className="ml-auto" disabled={readOnly} onClick={() => setSuggesting(true)}>
          <PenLine size={14} aria-hidden="true" /> Suggest
        </Button>
        <Button kind="quiet" disabled={readOnly || tries.length >= MOST} onClick={add}>
          <Plus size={14} aria-hidden="true" /> Try another wording
        </Button>
      </h3>
      {suggesting && <FieldsSuggestSheet first="meta" onClose={() => setSuggesting(false)} />}
      {!tries.length && (
        <p className="text-[13px] text-ink-2">
          Try another title, description or slug, and see score and preview at once. The draft does not change
          until you use one.
        </p>
      )}
      <ol className="flex flex-col gap-2">
        {tries.map((one, i) => (
          <TryRow
            key={one.id}
            number={i + 1}
            post={post}
            one={one}
            shown={shown === one.id}
            score={scores?.[i] ?? null}
            now={{ score: report.score, findings: report.findings }}
            readOnly={readOnly}
            onShow={onShow}
            onChange={(changes) =>
              keep(tries.map((other) => (other.id === one.id ? { ...other, ...changes } : other)))
            }
            onRemove={() => {
              keep(tries.filter(({ id }) => id !== one.id));
              toast("The variant is removed.", { action: { label: "Undo", onClick: () => keep(tries) } });
              if (shown === one.id) onShow(null);
            }}
            onTake={() => {
              const { title, metaTitle, description, slug } = post;
              const { id: _id, ...fields } = one;
              dispatch(postEdited(fields));
              onShow(null);
              toast("The draft now has this wording.", {
                action: {
                  label: "Undo",
                  onClick: () => dispatch(postEdited({ title, metaTitle, description, slug })),
                },
              });
            }}
          />
        ))}
      </ol>
    </section>
  );
}

interface Scored {
  score: number;
  findings: readonly Finding[];
}

interface RowProps {
  number: number;
  post: Post;
  one: Try;
  shown: boolean;
  score: Scored | null;
  now: Scored;
  readOnly: boolean;
  onShow: (id: string | null) => void;
  onChange: (changes: Partial<Try>) => void;
  onRemove: () => void;
  onTake: () => void;
}

function TryRow({
  number,
  post,
  one,
  shown,
  score,
  now,
  readOnly,
  onShow,
  onChange,
  onRemove,
  onTake,
}: RowProps) {
  const [open, setOpen] = useState(shown);
  const moved = score
    ? compareReports(now.findings, score.findings)
        .filter(({ difference }) => Math.abs(difference) > 0.05)
        .slice(0, 3)
    : [];
  const difference = score ? score.score - now.score : 0;
  const same = FIELDS.every(({ key }) => one[key] === post[key]);
  return (
    <li className={`border-l-2 pl-3 ${shown ? "border-proof" : "border-rule"}`}>
      <div className="flex items-baseline gap-2">
        <button
          type="button"
          aria-expanded={open}
          className="min-w-0 flex-1 truncate text-left hover:underline"
          onClick={() => {
            setOpen(!open);
            onShow(open ? null : one.id);
          }}
        >
          {number}. {one.metaTitle || one.title || "No title"}
        </button>
        <span className="figures whitespace-nowrap font-semibold">
          {score ? points(score.score) : "…"}{" "}
          <span className="font-normal text-ink-2">
            {difference > 0 ? "+" : ""}
            {score ? points(difference) : ""}
          </span>
        </span>
      </div>
      {moved.length > 0 && (
        <p className="figures text-[12px] text-ink-2">
          {moved
            .map(({ name, difference: by }) => `${name} ${by > 0 ? "+" : "−"}${points(Math.abs(by))}`)
            .join(" · ")}
        </p>
      )}
      {open && (
        <div className="mt-1 flex flex-col gap-1.5">
          {FIELDS.map(({ key, name }) => (
            <label
              key={key}
              htmlFor={`${one.id}-${key}`}
              className="grid grid-cols-[5.5rem_minmax(0,1fr)] items-start gap-x-2 text-[13px]"
            >
              <span className="pt-1.5 text-ink-2">{name}</span>
              {key === "description" ? (
                <textarea
                  id={`${one.id}-${key}`}
                  className="field-box"
                  rows={2}
                  value={one[key]}
                  disabled={readOnly}
                  onFocus={() => onShow(one.id)}
                  onChange={({ target }) => onChange({ [key]: target.value })}
                />
              ) : (
                <input
                  id={`${one.id}-${key}`}
                  className="field-box"
                  value={one[key]}
                  disabled={readOnly}
                  onFocus={() => onShow(one.id)}
                  onChange={({ target }) => onChange({ [key]: target.value })}
                />
              )}
            </label>
          ))}
          <div className="flex gap-2">
            <Button disabled={readOnly || same} onClick={onTake}>
              Use it
            </Button>
            <Button kind="quiet" disabled={readOnly} onClick={onRemove}>
              Remove
            </Button>
          </div>
        </div>
      )}
    </li>
  );
}
