/** A post that was changed at the blog and here: where the two differ, field by field and block by block, and what becomes of what was chosen. */
import { blocksToEditor } from "../../../core/draft/toEditor";
import type { Entry } from "../../../core/micropub/entry";
import { postOfEntry } from "../../../core/micropub/postEntry";
import { same } from "../../../core/micropub/update";
import type { Category } from "../../../core/site/shapes";
import {
  type BlockDifference,
  merged,
  type Side,
  threeWays,
  withOwnFiles,
} from "../../../core/versions/threeWays";
import { fieldsOfLive, withOwnPictures } from "../../../data/livePost";
import type { LiveCopy, OutboxItem, Post } from "../../../data/model";
import { changeOutboxItem } from "../../../data/outboxChanges";
import { renderedPost } from "../../../data/renderedSite";
import { changePost } from "../../publishing/changePost";
import { workOutbox } from "../../publishing/workOutbox";
import type { PostSession } from "../../store/postSession";
import type { AppThunk } from "../../store/thunk";
import { keepCurrent } from "../versions/keepCurrent";

type Fields = ReturnType<typeof fieldsOfLive>;
type FieldName = keyof Fields;

/** What fields are called where people read it. */
const NAMES: Partial<Record<FieldName, string>> = {
  title: "Title",
  metaTitle: "Meta title",
  description: "Meta description",
  excerpt: "Excerpt",
  slug: "Slug",
  canonical: "Canonical",
  language: "Language",
  author: "Author",
  categories: "Categories",
  tags: "Tags",
  leadPicture: "Lead picture",
  leadWidth: "Width of the lead picture",
  socialPicture: "Picture for sharing",
  location: "Place",
  comments: "Comments",
  translationOf: "Translation of",
};

export interface FieldDifference {
  name: FieldName;
  label: string;
  /** In words: what was sent last, what is there now, what is here. */
  before: string;
  theirs: string;
  mine: string;
  changedBy: Side | "both";
}

export interface Conflict {
  fields: FieldDifference[];
  blocks: BlockDifference[];
  /** Fields as they are there. */
  there: Fields;
}

/** @param theirs what the blog has */
export function conflictOf(
  post: Post,
  doc: OutboxItem["doc"],
  copy: LiveCopy,
  theirs: Entry,
  categories: readonly Category[],
): Conflict {
  const read = (entry: Entry) => {
    const own = withOwnPictures(postOfEntry(entry, post.id, categories), copy.media);
    const sources = new Map(Object.entries(copy.media).map(([src, address]) => [address, src]));
    return {
      fields: fieldsOfLive(own),
      doc: withOwnFiles(blocksToEditor(own.blocks), (src) => sources.get(src) ?? src),
    };
  };
  const [sent, there] = [read(copy.there ?? copy.entry), read(theirs)];
  const here = fieldsOfLive(renderedPost(post, doc));
  const names = Object.keys(NAMES) as FieldName[];
  const words = (name: FieldName, value: unknown) => inWords(name, value, categories);
  return {
    fields: names
      .filter((name) => !same(there.fields[name], here[name]))
      .map((name) => {
        const weDid = !same(sent.fields[name], here[name]);
        const theyDid = !same(sent.fields[name], there.fields[name]);
        return {
          name,
          label: NAMES[name]!,
          before: words(name, sent.fields[name]),
          theirs: words(name, there.fields[name]),
          mine: words(name, here[name]),
          changedBy: weDid && theyDid ? "both" : theyDid ? "theirs" : "mine",
        };
      }),
    blocks: threeWays(sent.doc, there.doc, doc),
    there: there.fields,
  };
}

function inWords(name: FieldName, value: unknown, categories: readonly Category[]): string {
  if (name === "categories")
    return (value as string[]).map((id) => categories.find((one) => one.id === id)?.name ?? id).join(", ");
  if (Array.isArray(value)) return value.join(", ");
  if (value !== null && typeof value === "object")
    return Object.entries(value)
      .filter(([key]) => key !== "src")
      .map(([, one]) => String(one))
      .filter(Boolean)
      .join(", ");
  return value === null || value === undefined ? "" : String(value);
}

/** Takes what was chosen of each difference into the post, and sends that in the place of what is there. How it was is kept as a version. */
export const settleConflict =
  (
    item: OutboxItem,
    session: PostSession,
    conflict: Conflict,
    fieldSides: Readonly<Partial<Record<FieldName, Side>>>,
    blockSides: readonly Side[],
  ): AppThunk<Promise<void>> =>
  async (dispatch, getState, { saver }) => {
    const { theirs } = item;
    const { post } = getState().openPost;
    if (!theirs || post?.id !== item.postId) return;
    await dispatch(keepCurrent({ why: "before taking changes of the blog" }));
    const fields: Fields = {};
    for (const { name } of conflict.fields)
      if (fieldSides[name] === "theirs") Object.assign(fields, { [name]: conflict.there[name] });
    const doc = merged(conflict.blocks, blockSides);
    session.setDoc(doc);
    await dispatch(changePost(item.postId, fields));
    await saver.flush();
    await changeOutboxItem(item.id, {
      post: { ...item.post, ...fields },
      doc: session.json(),
      seen: theirs,
      state: "waiting",
      nextTry: "",
      says: "",
    });
    await dispatch(workOutbox());
  };
