/** The post in parts, for a blog that is filled in by hand: the body, each field, the pictures. */
import { Check, ClipboardCopy, Images } from "lucide-react";
import { useState } from "react";
import { useDebouncedCallback } from "use-debounce";
import { messageOf } from "../../../core/messageOf";
import { categoryName } from "../../../core/site/categories";
import { postAddress } from "../../../data/draft";
import type { Post, Site } from "../../../data/model";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { download } from "../../ui/download";
import { count } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";
import { toast } from "../../ui/toast";
import { usePostSession } from "../SessionContext";

/** Milliseconds for which a button says that it has copied. */
const SAID = 2000;

const fieldsOf = (post: Post, site: Site): [name: string, value: string][] => [
  ["Title", post.title],
  ["Meta title", post.metaTitle || post.title],
  ["Description", post.description],
  ["Slug", post.slug],
  ["Address", postAddress(post, site)],
  ["Category", categoryName(site.categories, post.categories[0])],
  ["Tags", post.tags.join(", ")],
  ["Author", post.author],
];

/** @param held whether gates are shut: the body and the pictures wait for that, its fields do not */
export function CopyForBlog({ post, held }: { post: Post; held: boolean }) {
  const session = usePostSession();
  const dispatch = useAppDispatch();
  const site = useAppSelector((state) => state.session.site);
  const [copied, setCopied] = useState("");
  const forget = useDebouncedCallback(() => setCopied(""), SAID);
  const attemptCopy = async (what: string, write: () => Promise<void>) => {
    try {
      await write();
      setCopied(what);
      forget();
    } catch (error) {
      toast.error(`${what} could not be copied: ${messageOf(error)} Your post is unchanged.`);
    }
  };
  const body = async (rich: boolean) => {
    const { blogBodies } = await import("./exportPost");
    // Made only when it is read, so that the browser still knows whose click it was.
    const bodies = dispatch(blogBodies(session));
    const text = bodies.then(({ html }) => new Blob([html], { type: "text/plain" }));
    const formatted = bodies.then(({ rich: html }) => new Blob([html], { type: "text/html" }));
    await navigator.clipboard.write([
      new ClipboardItem(rich ? { "text/html": formatted, "text/plain": text } : { "text/plain": text }),
    ]);
  };
  const [zipping, setZipping] = useState<AbortController | null>(null);
  const pictures = async () => {
    const own = new AbortController();
    setZipping(own);
    try {
      const { exportPictures } = await import("./exportPost");
      const file = await dispatch(
        exportPictures(session, { jpeg: false, onProgress: () => {}, signal: own.signal }),
      );
      download(file.blob, file.name);
      toast(
        `Downloaded ${file.name}.${file.missing ? ` ${count(file.missing, "picture")} had no file.` : ""}`,
      );
    } catch (error) {
      if (!own.signal.aborted)
        toast.error(`The pictures could not be zipped: ${messageOf(error)} Your post is unchanged.`);
    } finally {
      setZipping(null);
    }
  };
  const has = session.blocks().some(({ kind }) => kind === "picture");
  return (
    <section aria-label="Copy for a blog" className="border border-rule bg-sheet p-3">
      <h2 className="mb-2 flex items-center gap-1.5">
        <ClipboardCopy size={15} aria-hidden="true" /> Copy for a blog
      </h2>
      <p className="mb-2 text-[13px] text-ink-2">
        For a blog you fill in by hand. As rich text, each picture is a line naming the file that goes there.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button disabled={held} onClick={() => void attemptCopy("Body as rich text", () => body(true))}>
          {copied === "Body as rich text" && <Check size={14} aria-hidden="true" />} Body as rich text
        </Button>
        <Button disabled={held} onClick={() => void attemptCopy("Body as HTML", () => body(false))}>
          {copied === "Body as HTML" && <Check size={14} aria-hidden="true" />} Body as HTML
        </Button>
        <Button disabled={held || !has || zipping !== null} onClick={() => void pictures()}>
          <Images size={14} aria-hidden="true" /> {zipping ? "Zipping the pictures …" : "Pictures, zipped"}
        </Button>
        {zipping && <Button onClick={() => zipping.abort()}>Cancel</Button>}
      </div>
      <dl className="mt-3 text-[13px]">
        {fieldsOf(post, site).map(([name, value]) => (
          <div
            key={name}
            className="grid grid-cols-[6rem_minmax(0,1fr)_4.5rem] items-center gap-2 border-t border-rule py-1"
          >
            <dt className="text-ink-2">{name}</dt>
            <Tooltip says={value} whenCut>
              <dd dir="auto" className="truncate">
                {value || <span className="text-ink-2">none</span>}
              </dd>
            </Tooltip>
            <dd className="text-right">
              {value && (
                <button
                  type="button"
                  className="quiet-link"
                  aria-label={`Copy the ${name.toLowerCase()}`}
                  onClick={() => void attemptCopy(name, () => navigator.clipboard.writeText(value))}
                >
                  {copied === name ? "Copied" : "Copy"}
                </button>
              )}
            </dd>
          </div>
        ))}
      </dl>
      <p role="status" className="sr-only">
        {copied && `${copied} copied`}
      </p>
    </section>
  );
}
