/** Release: what must be right first, what the page carries besides its text, and the files to take away. */
import { Download, FileCode2, FileText, OctagonAlert, Check as Tick } from "lucide-react";
import { type ReactNode, useId, useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { toast } from "sonner";
import type { PictureBlock } from "../../../core/draft/draft";
import type { Gate, GateId } from "../../../core/release/gates";
import { postAddress } from "../../../data/draft";
import type { Post } from "../../../data/model";
import { draftWorker } from "../../../workers/clients";
import { postEdited } from "../../store/openPostSlice";
import { postsAdapter } from "../../store/postsSlice";
import { useAct, useApp } from "../../store/store";
import { Button } from "../../ui/Button";
import { download } from "../../ui/download";
import { count } from "../../ui/figures";
import { usePictureSource } from "../../ui/usePictureSource";
import { usePostSession } from "../currentSession";
import { postGates } from "../postGates";
import type { ExportedFile } from "./exportPost";

const { selectAll } = postsAdapter.getSelectors();

export function Release() {
  const { post, report, readOnly } = useApp((state) => state.openPost);
  const posts = useApp((state) => selectAll(state.posts.posts));
  const site = useApp((state) => state.session.site);
  const session = usePostSession();
  // biome-ignore lint/correctness/useExhaustiveDependencies: report stands for the document
  const gates = useMemo(
    () => (post ? postGates(post, posts, site, session.json()) : []),
    [post, posts, site, report],
  );
  if (!post) return null;
  const shut = gates.filter(({ open }) => !open);
  const clean = async () => {
    const before = session.json();
    session.setDoc(await draftWorker().cleanDocument(before));
    toast("Cleaned the text.", { action: { label: "Undo", onClick: () => session.setDoc(before) } });
  };
  return (
    <div className="mx-auto grid w-full max-w-[80rem] flex-1 grid-cols-[minmax(20rem,26rem)_minmax(0,1fr)] items-start gap-8 px-6 py-5">
      <div className="flex flex-col gap-6">
        <section aria-label="Gates">
          <h2 className="mb-2 font-serif text-xl">
            {shut.length ? `${count(shut.length, "gate")} shut` : "All gates open"}
          </h2>
          <ul className="border border-rule bg-sheet">
            {gates.map((gate) => (
              <GateRow key={gate.id} gate={gate} readOnly={readOnly} onClean={() => void clean()} />
            ))}
          </ul>
        </section>
        <Downloads shut={shut.length} />
      </div>
      <div className="flex min-w-0 flex-col gap-6">
        <ShareCard post={post} />
        <PageFields post={post} readOnly={readOnly} />
      </div>
    </div>
  );
}

/** Where each gate is opened. */
const PLACES: Record<GateId, { to: string; field?: string }> = {
  title: { to: "../write", field: "title" },
  keyword: { to: "../find" },
  description: { to: "../write", field: "description" },
  slug: { to: "../write", field: "slug" },
  "lead-picture": { to: "../write", field: "body" },
  "raw-paste": { to: "../write", field: "body" },
};

function GateRow({ gate, readOnly, onClean }: { gate: Gate; readOnly: boolean; onClean: () => void }) {
  const navigate = useNavigate();
  const { to, field } = PLACES[gate.id];
  return (
    <li className="grid grid-cols-[1.25rem_minmax(0,1fr)_auto] items-baseline gap-x-2 border-b border-rule px-3 py-2 last:border-b-0">
      {gate.open ? (
        <Tick size={15} aria-label="open" className="translate-y-0.5 text-proof" />
      ) : (
        <OctagonAlert size={15} aria-label="shut" className="translate-y-0.5 text-plum" />
      )}
      <div className="min-w-0">
        <p className={gate.open ? "" : "font-semibold text-plum"}>{gate.name}</p>
        <p className="truncate text-[13px] text-ink-2" title={gate.says}>
          {gate.says}
        </p>
      </div>
      {!gate.open && (
        <span className="flex gap-3 text-[13px]">
          {gate.id === "raw-paste" && (
            <button type="button" className="quiet-link" disabled={readOnly} onClick={onClean}>
              Clean it
            </button>
          )}
          <button
            type="button"
            className="quiet-link"
            aria-label={`Go to the place of “${gate.name}”`}
            onClick={() => void navigate(to, { relative: "path", state: field ? { goal: { field } } : null })}
          >
            Go
          </button>
        </span>
      )}
    </li>
  );
}

function Downloads({ shut }: { shut: number }) {
  const session = usePostSession();
  const [waved, setWaved] = useState(false);
  const [busy, setBusy] = useState(false);
  const ready = !shut || waved;
  const save = async (make: "exportPage" | "exportMarkdown") => {
    setBusy(true);
    try {
      const exports = await import("./exportPost");
      const file: ExportedFile = await exports[make](session);
      download(file.blob, file.name);
      toast(
        `Downloaded ${file.name}.${file.missing ? ` ${count(file.missing, "picture")} had no file and stays an address.` : ""}`,
      );
    } catch (error) {
      toast.error(
        `The file could not be made: ${(error as Error).message}. Your post is as it was; try again.`,
        { duration: 12_000 },
      );
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-label="Download" className="border border-rule bg-sheet p-3">
      <h2 className="mb-2 flex items-center gap-1.5">
        <Download size={15} aria-hidden="true" /> Take it away
      </h2>
      {shut > 0 && (
        <label className="mb-3 flex items-start gap-2 border-l-2 border-plum pl-2">
          <input
            type="checkbox"
            className="mt-1"
            checked={waved}
            onChange={(event) => setWaved(event.target.checked)}
          />
          <span>
            I know that {count(shut, "gate")} {shut === 1 ? "is" : "are"} shut, and release all the same.
          </span>
        </label>
      )}
      <div className="flex flex-col gap-2">
        <Button kind="primary" disabled={!ready || busy} onClick={() => void save("exportPage")}>
          <FileCode2 size={15} aria-hidden="true" /> HTML page
        </Button>
        <Button disabled={!ready || busy} onClick={() => void save("exportMarkdown")}>
          <FileText size={15} aria-hidden="true" /> Markdown and pictures, zipped
        </Button>
      </div>
      <p className="mt-2 text-[13px] text-ink-2">
        The page stands alone, its pictures in it. Both can be imported on the Desk again, and scored by
        command.
      </p>
    </section>
  );
}

/** What a shared link shows: lead picture, title, description, host. */
function ShareCard({ post }: { post: Post }) {
  const session = usePostSession();
  const site = useApp((state) => state.session.site);
  const report = useApp((state) => state.openPost.report);
  // biome-ignore lint/correctness/useExhaustiveDependencies: report stands for the document
  const lead = useMemo(
    () => session.blocks().find(({ block }) => block.kind === "picture")?.block as PictureBlock | undefined,
    [session, report],
  );
  const source = usePictureSource(lead?.src ?? "");
  const address = postAddress(post, site);
  return (
    <section aria-label="When it is shared">
      <h2 className="mb-2 text-[13px] text-ink-2">When it is shared</h2>
      <div className="flex max-w-[44rem] items-stretch border border-rule bg-sheet">
        <div className="flex h-36 w-56 shrink-0 items-center justify-center overflow-hidden border-r border-rule bg-paper text-[13px] text-ink-2">
          {source ? (
            <img src={source} alt={lead?.alt ?? ""} className="h-full w-full object-cover" />
          ) : (
            "No lead picture"
          )}
        </div>
        <div className="min-w-0 flex-1 p-3">
          <p className="truncate text-[12px] text-ink-2">
            {address ? address.replace(/^https?:\/\//, "") : "no address yet"}
          </p>
          <p className="mt-0.5 line-clamp-2 font-serif text-[17px] leading-snug">
            {post.metaTitle || post.title || "Untitled post"}
          </p>
          <p className="mt-1 line-clamp-3 text-[13px] text-ink-2">{post.description || "No description."}</p>
        </div>
      </div>
    </section>
  );
}

function PageFields({ post, readOnly }: { post: Post; readOnly: boolean }) {
  const act = useAct();
  const site = useApp((state) => state.session.site);
  const edit = (changes: Partial<Post>) => act(postEdited(changes));
  const authors = useId();
  return (
    <section aria-label="The page" className="max-w-[44rem] border border-rule bg-sheet px-4 py-3">
      <h2 className="mb-1 text-[13px] text-ink-2">The page carries</h2>
      <Line label="Address">
        {(id) => (
          <span className="flex min-w-0 items-baseline">
            <span className="shrink-0 text-ink-2">
              {site.origin.replace(/^https?:\/\//, "")}
              {site.basePath}
            </span>
            <input
              id={id}
              className="line-field"
              readOnly={readOnly}
              value={post.slug}
              onChange={(event) => edit({ slug: event.target.value })}
            />
          </span>
        )}
      </Line>
      <Line label="Canonical">
        {(id) => (
          <input
            id={id}
            type="url"
            className="line-field"
            readOnly={readOnly}
            placeholder={postAddress({ ...post, canonical: "" }, site) || "the post's own address"}
            value={post.canonical}
            onChange={(event) => edit({ canonical: event.target.value.trim() })}
          />
        )}
      </Line>
      <Line label="Category">
        {(id) => (
          <select
            id={id}
            className="line-field"
            disabled={readOnly}
            value={post.category}
            onChange={(event) => edit({ category: event.target.value })}
          >
            <option value="">None</option>
            {[...new Set([...site.categories, post.category])].filter(Boolean).map((name) => (
              <option key={name}>{name}</option>
            ))}
          </select>
        )}
      </Line>
      <Line label="Tags">
        {(id) => (
          <TagField id={id} tags={post.tags} readOnly={readOnly} onChange={(tags) => edit({ tags })} />
        )}
      </Line>
      <Line label="Author">
        {(id) => (
          <>
            <input
              id={id}
              list={authors}
              className="line-field"
              readOnly={readOnly}
              value={post.author}
              onChange={(event) => edit({ author: event.target.value })}
            />
            <datalist id={authors}>
              {site.authors.map((name) => (
                <option key={name}>{name}</option>
              ))}
            </datalist>
          </>
        )}
      </Line>
      <Line label="Date">
        {(id) => (
          <input
            id={id}
            type="date"
            className="line-field !w-44"
            readOnly={readOnly}
            value={post.date}
            onChange={(event) => edit({ date: event.target.value })}
          />
        )}
      </Line>
      <Line label="Language">
        {(id) => (
          <input
            id={id}
            className="line-field !w-44"
            readOnly={readOnly}
            maxLength={20}
            value={post.language}
            onChange={(event) => edit({ language: event.target.value.trim() })}
          />
        )}
      </Line>
      <p className="mt-2 text-[13px] text-ink-2">
        Title, meta title and description are on{" "}
        <Link className="quiet-link" to="../write" relative="path">
          the sheet
        </Link>
        .
      </p>
    </section>
  );
}

function Line({ label, children }: { label: string; children: (id: string) => ReactNode }) {
  const id = useId();
  return (
    <div className="grid min-h-8 grid-cols-[6rem_minmax(0,1fr)] items-baseline gap-2">
      <label htmlFor={id} className="text-ink-2">
        {label}
      </label>
      {children(id)}
    </div>
  );
}

/** Tags as one line with commas; what is half typed stays as typed until the field is left. */
function TagField({
  id,
  tags,
  readOnly,
  onChange,
}: {
  id: string;
  tags: readonly string[];
  readOnly: boolean;
  onChange: (tags: string[]) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      id={id}
      className="line-field"
      readOnly={readOnly}
      placeholder="parted by commas"
      value={typed ?? tags.join(", ")}
      onChange={(event) => {
        setTyped(event.target.value);
        onChange([
          ...new Set(
            event.target.value
              .split(",")
              .map((tag) => tag.trim())
              .filter(Boolean),
          ),
        ]);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
