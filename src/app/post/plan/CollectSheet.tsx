/** Collecting competing pages: from the search, from addresses, from files, from pasted source. */

import { FileText, FolderInput, Search } from "lucide-react";
import { useRef, useState } from "react";
import { Link } from "react-router";
import { competitorsElsewhere } from "../../../data/competitors";
import type { Competitors, Post } from "../../../data/model";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { selectPostEntities } from "../../store/selectors";
import { type Answer, useAsk } from "../../store/useAsk";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { day } from "../../ui/dates";
import { droppedFiles } from "../../ui/droppedFiles";
import { FieldLine } from "../../ui/FieldLine";
import { count } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { useOpenPost } from "../useOpenPost";
import { collect, countRankingPages, MOST_ADDRESSES, reuseCompetitors } from "./collecting";

const isPage = (name: string): boolean => /\.x?html?$/i.test(name);

/** Fields that other posts have for the keyword of this one, the latest first. */
function useCompetitorsElsewhere(post: Post | null): { competitors: Competitors; title: string }[] {
  const posts = useAppSelector(selectPostEntities);
  const id = post?.id ?? "";
  const keyword = post?.keyword ?? "";
  const answer = useAsk(async () => (keyword ? competitorsElsewhere(id, keyword) : []), [id, keyword]);
  const elsewhere = answer.state === "ready" ? answer.value : [];
  return elsewhere.flatMap((competitors) => {
    const title = posts[competitors.postId]?.title;
    return title === undefined ? [] : [{ competitors, title: title || "Untitled post" }];
  });
}

/** How many pages the search knows for a keyword. */
function useRankingPages(keyword: string): Answer<number> {
  const dispatch = useAppDispatch();
  const connection = useAppSelector((state) => state.session.search);
  return useAsk(
    async () => (keyword ? dispatch(countRankingPages(connection, keyword)) : 0),
    [connection, keyword],
  );
}

export function CollectSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { post, competitors } = useOpenPost("post", "competitors");
  const ranking = useRankingPages(post?.keyword ?? "");
  // Ticked unless the search turns out to have nothing, until the person says otherwise. Never ticks itself: what was unticked, or left
  // alone, while the search was asked stays so.
  const [choice, setChoice] = useState<boolean | null>(competitors ? false : null);
  const search = choice ?? (ranking.state === "loading" || (ranking.state === "ready" && ranking.value > 0));
  const [keepPages, setKeepPages] = useState(competitors !== null);
  const [addresses, setAddresses] = useState("");
  const [files, setFiles] = useState<File[]>([]);
  const [source, setSource] = useState("");
  const [sourceAddress, setSourceAddress] = useState("");
  const picker = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const others = useCompetitorsElsewhere(post);
  if (!post) return null;
  const lines = [...new Set(addresses.split(/\s+/).filter(Boolean))];
  const wrong = lines.filter((line) => !/^https?:\/\/[^/]+/i.test(line));
  const many = lines.length > MOST_ADDRESSES;
  const nothing = !search && !lines.length && !files.length && !source.trim();
  const start = () => {
    void dispatch(
      collect(post, {
        search,
        addresses: lines,
        files,
        sources: source.trim() ? [{ address: sourceAddress.trim() || "pasted source", html: source }] : [],
        keepPages,
      }),
    );
    onClose();
  };
  return (
    <Sheet title={competitors ? "Collect again, or add pages" : "Collect competing pages"} onClose={onClose}>
      <div className="flex flex-col gap-3">
        <label className="flex items-start gap-2">
          <Checkbox className="mt-1" checked={search} disabled={!post.keyword} onChange={setChoice} />
          <span>
            Up to 20 pages that rank for {post.keyword ? `“${post.keyword}”` : "the target keyword"}
            {post.keyword && (
              <span role="status" className="block text-[13px] text-ink-2">
                {ranking.state === "loading"
                  ? "Asking the search …"
                  : ranking.state === "failed"
                    ? `The search did not answer: ${ranking.why} Add pages by address or from files, or tick this to try it again.`
                    : ranking.value
                      ? `The search knows ${count(ranking.value, "page")}.`
                      : "The search knows none: add pages by address or from files."}
              </span>
            )}
            {!post.keyword && (
              <span className="block text-[13px] text-ink-2">
                This post has no target keyword yet:{" "}
                <Link to="../find" relative="path" className="quiet-link">
                  choose one in Find
                </Link>
                .
              </span>
            )}
          </span>
        </label>
        {others.length > 0 && (
          <section aria-label="Collected for other posts" className="border-l-2 border-proof pl-3">
            <p className="mb-1 text-[13px] text-ink-2">
              Another post is for the same keyword: its pages need not be read again.
            </p>
            {others.map(({ competitors: there, title }) => (
              <Button
                key={there.id}
                onClick={() => {
                  void dispatch(reuseCompetitors(post, there));
                  onClose();
                }}
              >
                Use the {count(there.pages.filter(({ state }) => state === "kept").length, "page")} of “
                <bdi>{title}</bdi>”, read on {day(there.collectedAt)}
              </Button>
            ))}
          </section>
        )}
        <FieldLine
          label="Addresses"
          hint={
            wrong[0]
              ? `“${wrong[0].slice(0, 60)}” is not a web address.`
              : many
                ? `At most ${MOST_ADDRESSES} at once.`
                : "One per line. The server fetches them; private addresses are refused."
          }
        >
          {(id) => (
            <textarea
              id={id}
              rows={3}
              className="field-box"
              aria-invalid={wrong.length > 0 || many}
              value={addresses}
              onChange={(event) => setAddresses(event.target.value)}
            />
          )}
        </FieldLine>
        {/* biome-ignore lint/a11y/noStaticElementInteractions: files are dropped here, or chosen by the button inside */}
        <div
          onDragOver={(event) => event.preventDefault()}
          onDrop={(event) => {
            event.preventDefault();
            attemptRead(
              droppedFiles(event.dataTransfer, isPage).then((dropped) =>
                setFiles((before) => [...before, ...dropped]),
              ),
            );
          }}
          className="flex items-center gap-3 border border-dashed border-edge p-3"
        >
          <input
            ref={picker}
            type="file"
            multiple
            accept=".html,.htm,.xhtml,text/html"
            tabIndex={-1}
            aria-label="Saved pages: files"
            className="hidden"
            onChange={(event) => {
              setFiles([...files, ...(event.target.files ?? [])]);
              event.target.value = "";
            }}
          />
          <Button onClick={() => picker.current?.click()}>
            <FileText size={15} aria-hidden="true" /> Saved pages
          </Button>
          <input
            ref={folder}
            type="file"
            // A folder is asked for by this attribute alone, which the types do not know.
            {...{ webkitdirectory: "" }}
            tabIndex={-1}
            aria-label="Saved pages: folder"
            className="hidden"
            onChange={(event) => {
              setFiles([...files, ...[...(event.target.files ?? [])].filter(({ name }) => isPage(name))]);
              event.target.value = "";
            }}
          />
          <Button kind="quiet" onClick={() => folder.current?.click()}>
            <FolderInput size={15} aria-hidden="true" /> A folder
          </Button>
          <span className={`min-w-0 text-[13px] text-ink-2 ${files.length ? "truncate" : ""}`}>
            {files.length
              ? `${count(files.length, "file")}: ${files.map(({ name }) => name).join(", ")}`
              : "or drop .html files, or a folder, here"}
          </span>
          {files.length > 0 && (
            <Button kind="quiet" onClick={() => setFiles([])}>
              Clear
            </Button>
          )}
        </div>
        <details>
          <summary className="text-proof">Paste a page's source</summary>
          <div className="mt-2 flex flex-col gap-2">
            <FieldLine label="Its address">
              {(id) => (
                <input
                  id={id}
                  className="field-box"
                  value={sourceAddress}
                  onChange={(event) => setSourceAddress(event.target.value)}
                />
              )}
            </FieldLine>
            <FieldLine label="Source">
              {(id) => (
                <textarea
                  id={id}
                  rows={5}
                  className="field-box font-mono text-[12px]"
                  value={source}
                  onChange={(event) => setSource(event.target.value)}
                />
              )}
            </FieldLine>
          </div>
        </details>
        {competitors && (
          <label className="flex items-start gap-2">
            <Checkbox className="mt-1" checked={keepPages} onChange={setKeepPages} />
            <span>
              Keep the pages that are there
              <span className="block text-[13px] text-ink-2">
                Today's competing pages are kept for comparison; this makes a new set.
              </span>
            </span>
          </label>
        )}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button kind="primary" disabled={nothing || wrong.length > 0 || many} onClick={start}>
            <Search size={15} aria-hidden="true" /> Collect
          </Button>
        </div>
      </div>
    </Sheet>
  );
}
