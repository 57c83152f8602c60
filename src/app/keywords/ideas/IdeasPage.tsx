/** Ideas for posts, kept until they become one. */
import { PenLine, Trash2 } from "lucide-react";
import { type FormEvent, useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { foldPlain } from "../../../core/text/fold";
import { deleteIdea, listIdeas, saveIdea } from "../../../data/ideas";
import type { Idea } from "../../../data/model";
import { IdeasFromApprentice } from "../../apprentice/IdeasFromApprentice";
import { createPost } from "../../posts/createPost";
import { attempt } from "../../store/attempt";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { useLive } from "../../store/useLive";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { day } from "../../ui/dates";
import { Failed } from "../../ui/Failed";
import { count } from "../../ui/figures";
import { ListField } from "../../ui/ListField";
import { toast } from "../../ui/toast";
import { keepIdea } from "../actions";

export function IdeasPage() {
  const read = useLive(listIdeas, []);
  const [query, setQuery] = useState("");
  const [open, setOpen] = useState(true);
  const [asking, setAsking] = useState(false);
  useEffect(() => {
    document.title = "Ideas · Dune Sparrow";
  }, []);
  if (read.state === "failed")
    return (
      <Failed
        what="The ideas could not be read"
        why={read.why}
        safe="They are unchanged."
        onRetry={read.retry}
      />
    );
  if (read.state === "loading")
    return (
      <p role="status" className="p-6 text-ink-2">
        Reading the ideas …
      </p>
    );
  const ideas = read.value;
  const words = foldPlain(query).split(" ").filter(Boolean);
  const shown = ideas.filter(({ title, sentence, keywords, from, postId }) => {
    const text = foldPlain([title, sentence, ...keywords, from].join(" "));
    return words.every((word) => text.includes(word)) && (!open || postId === null);
  });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_300px] gap-6">
      <section aria-label="Ideas">
        <div className="mb-2 flex items-center gap-4">
          <input
            type="search"
            aria-label="Search ideas"
            placeholder="Search ideas"
            className="field-box !w-72"
            value={query}
            onChange={(event) => setQuery(event.target.value)}
          />
          <label className="flex items-center gap-2">
            <Checkbox checked={open} onChange={setOpen} />
            Only those without a post
          </label>
          <p role="status" className="figures ml-auto text-[13px] text-ink-2">
            {count(shown.length, "idea")}
          </p>
          <Button onClick={() => setAsking(true)}>
            <PenLine size={15} aria-hidden="true" /> Suggest ideas
          </Button>
        </div>
        {shown.length === 0 ? (
          <p className="border border-rule bg-sheet p-6 text-ink-2">
            {ideas.length
              ? "No idea matches. Change the search, or look at those that have a post."
              : "No ideas yet. Write one on the right, or keep one from an article of a look-up."}
          </p>
        ) : (
          <ul className="border border-rule bg-sheet">
            {shown.map((idea) => (
              <Entry key={idea.id} idea={idea} />
            ))}
          </ul>
        )}
      </section>
      <NewIdea />
      {asking && <IdeasFromApprentice onClose={() => setAsking(false)} />}
    </div>
  );
}

function Entry({ idea }: { idea: Idea }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { title, sentence, keywords, from, postId, createdAt } = idea;
  const intoPost = () =>
    attempt(async () => {
      const [keyword = "", ...supporting] = keywords;
      const id = await dispatch(createPost({ title, keyword, supporting }));
      await saveIdea({ ...idea, postId: id });
      void navigate(`/post/${id}/find`);
    });
  const remove = () =>
    attempt(async () => {
      await deleteIdea(idea.id);
      toast(`The idea “${title}” is deleted.`, {
        action: { label: "Undo", onClick: () => void attempt(() => saveIdea(idea)) },
      });
    });
  return (
    <li className="flex items-start gap-4 border-b border-rule px-4 py-3 last:border-b-0">
      <div className="min-w-0 flex-1">
        <h2 className="font-serif text-[16px]">{title}</h2>
        {sentence && <p>{sentence}</p>}
        <p className="mt-0.5 text-[13px] text-ink-2">
          {[keywords.slice(0, 6).join(", "), from, day(createdAt)].filter(Boolean).join(" · ")}
        </p>
      </div>
      {postId ? (
        <Link className="quiet-link mt-1" to={`/post/${postId}/find`}>
          Open its post
        </Link>
      ) : (
        <Button aria-label={`Make a post of “${title}”`} onClick={() => void intoPost()}>
          Make a post
        </Button>
      )}
      <button
        type="button"
        aria-label={`Delete the idea “${title}”`}
        className="mt-2 text-ink-2 hover:text-plum"
        onClick={() => void remove()}
      >
        <Trash2 size={15} aria-hidden="true" />
      </button>
    </li>
  );
}

function NewIdea() {
  const author = useAppSelector((state) => state.session.site.authors[0]?.name ?? "");
  const [title, setTitle] = useState("");
  const [sentence, setSentence] = useState("");
  const [keywords, setKeywords] = useState<string[]>([]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const clean = title.replace(/\s+/g, " ").trim();
    if (!clean) return;
    void keepIdea({
      title: clean,
      sentence: sentence.trim(),
      keywords,
      from: author ? `Written by ${author}` : "Written here",
    });
    setTitle("");
    setSentence("");
    setKeywords([]);
  };
  return (
    <form aria-label="New idea" onSubmit={submit} className="self-start border border-rule bg-sheet p-4">
      <h2 className="mb-2 text-[13px] text-ink-2">New idea</h2>
      <label className="mb-2 block text-[13px]">
        Title
        <input
          className="field-box mt-0.5"
          value={title}
          maxLength={300}
          onChange={(event) => setTitle(event.target.value)}
        />
      </label>
      <label className="mb-2 block text-[13px]">
        In a sentence
        <textarea
          className="field-box grow-field mt-0.5"
          rows={3}
          maxLength={2000}
          value={sentence}
          onChange={(event) => setSentence(event.target.value)}
        />
      </label>
      <label htmlFor="idea-keywords" className="block text-[13px]">
        Keywords, the first is the target
      </label>
      <ListField id="idea-keywords" by="," entries={keywords} onChange={setKeywords} />
      <Button type="submit" kind="primary" className="mt-3" disabled={!title.trim()}>
        Keep the idea
      </Button>
    </form>
  );
}
