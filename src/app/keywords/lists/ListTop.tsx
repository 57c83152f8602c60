/** A list's name, what is done with it as a whole, what it amounts to, and its post. */

import { ClipboardPaste, Copy, Download, Trash2 } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import type { KeywordList } from "../../../core/keywords/list";
import { listName } from "../../../data/listOfPost";
import type { Post } from "../../../data/model";
import { Button } from "../../ui/Button";
import { count, whole } from "../../ui/figures";
import { assignList, removeList } from "../actions";
import { ListPicker } from "./ListPicker";
import { PostPicker } from "./PostPicker";
import type { useListView } from "./useListView";

interface Props {
  list: KeywordList;
  posts: Record<string, Post>;
  actions: ReturnType<typeof useListView>["actions"];
  onPaste: () => void;
}

export function ListTop({ list, posts, actions, onPaste }: Props) {
  const post = list.postId ? posts[list.postId] : undefined;
  const total = list.keywords.reduce((sum, { searches }) => sum + (searches ?? 0), 0);
  const unknown = list.keywords.filter(({ searches }) => searches === null).length;
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <NameField
          key={`${list.id} ${listName(list)}`}
          name={listName(list)}
          onName={(name) => actions.rename(name)}
        />
        <div className="ml-auto flex flex-wrap gap-2">
          <Button onClick={onPaste}>
            <ClipboardPaste size={15} aria-hidden="true" /> Paste keywords
          </Button>
          <ListPicker
            trigger={<Button>Merge a list</Button>}
            label="Merge another list into this one"
            without={list.id}
            onList={actions.merge}
          />
          <Button onClick={() => void actions.duplicate()}>
            <Copy size={15} aria-hidden="true" /> Duplicate
          </Button>
          <Button aria-label="List as CSV" onClick={actions.exportCsv}>
            <Download size={15} aria-hidden="true" /> CSV
          </Button>
          <Button aria-label="Delete the list" onClick={() => void removeList(list)}>
            <Trash2 size={15} aria-hidden="true" /> Delete
          </Button>
        </div>
      </div>
      <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1 text-[13px]">
        <p className="figures text-ink-2">
          {count(list.keywords.length, "keyword")} · {whole(total)} searches a month
          {unknown > 0 && `, ${unknown} unknown`}
          {list.keywords.some(({ standIn }) => standIn) && (
            <strong className="ml-2 font-semibold text-ink">Figures: stand-in</strong>
          )}
        </p>
        <div className="flex items-center gap-2">
          <span className="text-ink-2">For</span>
          <PostPicker list={list} posts={posts} onPost={(id) => void assignList(list.id, id)} />
          {post ? (
            <Link className="quiet-link" to={`/post/${post.id}/find`}>
              Open the post
            </Link>
          ) : (
            <Button disabled={!list.keywords.length} onClick={() => void actions.startPost()}>
              New post from this list
            </Button>
          )}
        </div>
      </div>
    </>
  );
}

function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [typed, setTyped] = useState(name);
  const keep = () => {
    const clean = typed.replace(/\s+/g, " ").trim();
    if (clean && clean !== name) onName(clean);
    else setTyped(name);
  };
  return (
    <input
      aria-label="Name of the list"
      className="line-field !w-72 font-serif text-xl"
      value={typed}
      maxLength={120}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Enter") event.currentTarget.blur();
        if (event.key === "Escape") setTyped(name);
      }}
    />
  );
}
