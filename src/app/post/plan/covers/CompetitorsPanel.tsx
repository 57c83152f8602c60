/** What competitors cover: gaps first, then all of it, each thing to be put into the outline. */
import { ListPlus, NotebookPen } from "lucide-react";
import { Tabs } from "radix-ui";
import { type ReactNode, useState } from "react";
import type { CompetitorAnalysis } from "../../../../core/benchmark/competitors";
import type { Gaps } from "../../../../core/outline/gaps";
import { useAppDispatch, useAppSelector } from "../../../store/hooks";
import { Button } from "../../../ui/Button";
import { count, whole } from "../../../ui/figures";
import { Progress } from "../../../ui/Progress";
import { Radio, RadioGroup } from "../../../ui/Radio";
import { Tooltip } from "../../../ui/Tooltip";
import { gapRules, putIn } from "../competitorActions";
import { useCompetitorParts } from "../useCompetitorParts";
import { CoverRow } from "./CoverRow";
import { QuestionRow } from "./QuestionRow";
import { TermRow } from "./TermRow";
import { TopicRow } from "./TopicRow";

const TABS = [
  ["gaps", "Gaps"],
  ["topics", "Topics"],
  ["questions", "Questions"],
  ["figures", "Figures"],
  ["terms", "Terms"],
  ["titles", "Titles"],
] as const;
type Tab = (typeof TABS)[number][0];

/** By itself, since it moves with every page. */
function HowFar() {
  const analysing = useAppSelector((state) => state.competitors.analysing);
  return analysing && <Progress label="Pages analysed" value={analysing.done} of={analysing.of} />;
}

export function CompetitorsPanel({ onNote }: { onNote: (text: string) => void }) {
  const { analysis, gaps, failure } = useCompetitorParts("analysis", "gaps", "failure");
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  const { leastPresence } = gapRules(useAppSelector((state) => state.session.profile));
  const [tab, setTab] = useState<Tab>("gaps");
  if (!analysis)
    return failure ? (
      <p role="alert" className="rounded border border-plum/40 bg-plum-wash p-3 text-plum">
        {failure}
      </p>
    ) : (
      <p role="status" className="p-3 text-ink-2">
        Reading what the pages share … <HowFar />
      </p>
    );
  const open = gaps.outline;
  const left = open ? open.topics.length + open.questions.length + open.terms.length : 0;
  const panels: Record<Tab, ReactNode> = {
    gaps: <GapPanel analysis={analysis} outline={open} draft={gaps.draft} left={left} readOnly={readOnly} />,
    topics: <TopicPanel analysis={analysis} gaps={open} least={leastPresence} readOnly={readOnly} />,
    questions: <QuestionPanel analysis={analysis} gaps={open} readOnly={readOnly} />,
    figures: <FigurePanel analysis={analysis} readOnly={readOnly} onNote={onNote} />,
    terms: <TermPanel analysis={analysis} gaps={gaps} readOnly={readOnly} />,
    titles: <TitlePanel />,
  };
  return (
    <Tabs.Root value={tab} onValueChange={(value) => setTab(value as Tab)}>
      <Tabs.List aria-label="What competitors cover" className="flex flex-wrap border-b border-rule">
        {TABS.map(([id, name]) => (
          <Tabs.Trigger
            key={id}
            value={id}
            className="-mb-px h-8 border-b-2 border-transparent px-2.5 text-ink-2 data-[state=active]:border-proof data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            {name}
            {id === "gaps" && open ? <span className="figures"> {left}</span> : null}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {TABS.map(([id]) => (
        <Tabs.Content key={id} value={id} className="pt-2">
          {panels[id]}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}

function Group({ title, children, note }: { title: string; children: ReactNode; note?: string }) {
  return (
    <section className="mb-4">
      <h3 className="text-[13px] text-ink-2">{title}</h3>
      {note && <p className="mb-1 text-[12px] text-ink-2">{note}</p>}
      <ul className="border border-rule bg-sheet">{children}</ul>
    </section>
  );
}

function Tally({ gaps }: { gaps: Gaps }) {
  const { topics, questions, terms } = gaps.covered;
  return (
    <span className="figures">
      {topics[0]} of {count(topics[1], "topic")}, {questions[0]} of {count(questions[1], "question")},{" "}
      {terms[0]} of {count(terms[1], "term")}
    </span>
  );
}

function GapPanel({
  analysis,
  outline,
  draft,
  left,
  readOnly,
}: {
  analysis: CompetitorAnalysis;
  outline: Gaps | null;
  draft: Gaps | null;
  left: number;
  readOnly: boolean;
}) {
  const dispatch = useAppDispatch();
  const of = analysis.pages.length;
  const range = useRangeWords();
  const [whose, setWhose] = useState<"outline" | "draft">("outline");
  const gaps = whose === "outline" ? outline : draft;
  if (!gaps)
    return (
      <p role="status" className="text-ink-2">
        {of ? "Comparing …" : "No competing page is kept: keep one, or collect again."}
      </p>
    );
  const inDraft = new Map(draft?.coverage.terms.map((term) => [term.key, term]));
  const none = gaps.topics.length + gaps.questions.length + gaps.terms.length === 0;
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1 text-[13px]">
        <RadioGroup label="Gaps of" value={whose} onChange={setWhose} className="flex items-center gap-3">
          {(["outline", "draft"] as const).map((one) => (
            <label key={one} className="flex items-center gap-1.5">
              <Radio value={one} />
              {one === "outline" ? "Outline" : "Draft"}
            </label>
          ))}
        </RadioGroup>
        <p role="status" className="mr-auto text-[13px] text-ink-2">
          <Tally gaps={gaps} />
        </p>
        {whose === "outline" && (
          <Button
            kind="primary"
            disabled={!left || readOnly}
            onClick={() => void dispatch(putIn({ kind: "all" }, ""))}
          >
            <ListPlus size={15} aria-hidden="true" /> Add all
          </Button>
        )}
      </div>
      {none && (
        <p className="mb-3 border border-rule bg-sheet p-3">
          Nothing is missing: the {whose} has every topic, question and core term the pages share.
        </p>
      )}
      {gaps.topics.length > 0 && (
        <Group title="Topics, on most pages first">
          {gaps.topics.map((topic) => (
            <TopicRow key={topic.label} topic={topic} of={of} covered={false} readOnly={readOnly} />
          ))}
        </Group>
      )}
      {gaps.questions.length > 0 && (
        <Group title="Questions that readers ask">
          {gaps.questions.map((question) => (
            <QuestionRow key={question.text} question={question} covered={false} readOnly={readOnly} />
          ))}
        </Group>
      )}
      {gaps.terms.length > 0 && (
        <Group title="Core terms, most distinctive first">
          {gaps.terms.map((term) => (
            <TermRow
              key={term.key}
              term={term}
              words={range.words}
              of={of}
              inDraft={inDraft.get(term.key)}
              inOutline={false}
              readOnly={readOnly}
            />
          ))}
        </Group>
      )}
      {gaps.own.length > 0 && (
        <section>
          <h3 className="text-[13px] text-ink-2">Only here: no competing page has a heading for it</h3>
          <ul className="list-disc pl-5">
            {gaps.own.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function TopicPanel({
  analysis,
  gaps,
  least,
  readOnly,
}: {
  analysis: CompetitorAnalysis;
  gaps: Gaps | null;
  least: number;
  readOnly: boolean;
}) {
  const topics = analysis.topics.map((topic, i) => ({
    topic,
    covered: gaps?.coverage.topics[i]?.covered ?? false,
  }));
  const byPlace = (some: typeof topics) => some.toSorted((a, b) => a.topic.place - b.topic.place);
  const rows = (some: typeof topics) =>
    byPlace(some).map(({ topic, covered }) => (
      <TopicRow
        key={topic.label}
        topic={topic}
        of={analysis.pages.length}
        covered={covered}
        readOnly={readOnly}
      />
    ));
  const common = topics.filter(({ topic }) => topic.presence >= least);
  const rare = topics.filter(({ topic }) => topic.presence < least);
  if (!topics.length) return <p className="text-ink-2">The pages share no headings.</p>;
  return (
    <>
      {common.length > 0 && <Group title="In the order of the pages">{rows(common)}</Group>}
      {rare.length > 0 && (
        <Group title={`On fewer than ${Math.round(100 * least)} % of the pages`}>{rows(rare)}</Group>
      )}
    </>
  );
}

function QuestionPanel({
  analysis,
  gaps,
  readOnly,
}: {
  analysis: CompetitorAnalysis;
  gaps: Gaps | null;
  readOnly: boolean;
}) {
  const outline = useAppSelector((state) => state.openPost.outline);
  const answered = new Set(
    gaps?.coverage.questions.filter((one) => one.answered || one.heading !== null).map(({ text }) => text),
  );
  const there = new Set(outline.map(({ text }) => text));
  if (!analysis.questions.length) return <p className="text-ink-2">No questions found on these pages.</p>;
  return (
    <Group title="Asked in most places first">
      {analysis.questions.map((question) => (
        <QuestionRow
          key={question.text}
          question={question}
          covered={answered.has(question.text) || there.has(question.text)}
          readOnly={readOnly}
        />
      ))}
    </Group>
  );
}

function FigurePanel({
  analysis,
  readOnly,
  onNote,
}: {
  analysis: CompetitorAnalysis;
  readOnly: boolean;
  onNote: (text: string) => void;
}) {
  const outline = useAppSelector((state) => state.openPost.outline);
  const notes = outline.map(({ note }) => note).join("\n");
  if (!analysis.statistics.length) return <p className="text-ink-2">No figures found on these pages.</p>;
  return (
    <Group
      title="Sentences with a figure, sourced ones first"
      note="Check a figure at its source before you use it. It goes into the note of the heading that was last in focus."
    >
      {analysis.statistics.map(({ sentence, page, source }) => {
        const text = `${sentence} (${source ? `${source.text}, ${source.address}` : page.title || page.address})`;
        return (
          <CoverRow
            key={sentence}
            id={`figure ${sentence}`}
            putting={{ kind: "note", text }}
            covered={notes.includes(sentence)}
            coveredSays="in a note"
            readOnly={readOnly || !outline.length}
            actions={[
              {
                name: "To a note",
                says: `Add “${sentence}” to a note`,
                icon: NotebookPen,
                run: () => onNote(text),
              },
            ]}
          >
            <p>{sentence}</p>
            <Tooltip says={page.address} whenCut>
              <p className="truncate text-[12px] text-ink-2">
                {page.title || page.address}
                {source && (
                  <>
                    {" "}
                    · source:{" "}
                    <Tooltip says={source.address}>
                      <span>{source.text || source.address}</span>
                    </Tooltip>
                  </>
                )}
              </p>
            </Tooltip>
          </CoverRow>
        );
      })}
    </Group>
  );
}

function TermPanel({
  analysis,
  gaps,
  readOnly,
}: {
  analysis: CompetitorAnalysis;
  gaps: { outline: Gaps | null; draft: Gaps | null };
  readOnly: boolean;
}) {
  const inDraft = new Map(gaps.draft?.coverage.terms.map((term) => [term.key, term]));
  const inOutline = new Map(gaps.outline?.coverage.terms.map((term) => [term.key, term.count > 0]));
  const range = useRangeWords();
  const rows = (terms: CompetitorAnalysis["terms"]) =>
    terms.map((term) => (
      <TermRow
        key={term.key}
        term={term}
        words={range.words}
        of={analysis.pages.length}
        inDraft={inDraft.get(term.key)}
        inOutline={inOutline.get(term.key) ?? false}
        readOnly={readOnly}
      />
    ));
  const core = analysis.terms.filter(({ core: one }) => one);
  const wider = analysis.terms.filter(({ core: one }) => !one);
  if (!analysis.terms.length)
    return <p className="text-ink-2">The pages share no terms: there are too few of them.</p>;
  return (
    <>
      <Group
        title="Core: on 60 % of the pages or more"
        note={`The bar is the usual range for ${range.own ? "a draft as long as yours" : `a page of ${whole(range.words)} words, the competitors' median`}; the tick is your draft.`}
      >
        {rows(core)}
      </Group>
      {wider.length > 0 && <Group title="Wider">{rows(wider)}</Group>}
      {analysis.headingTerms.length > 0 && (
        <section>
          <h3 className="text-[13px] text-ink-2">In headings</h3>
          <p>{analysis.headingTerms.map(({ text, pages }) => `${text} (${pages})`).join(", ")}</p>
        </section>
      )}
    </>
  );
}

/** Words that the usual ranges are said for: the draft's own once it is half as long as the median competing page, else that page's. */
function useRangeWords(): { words: number; own: boolean } {
  const median = useAppSelector((state) => state.openPost.competitors?.measure?.medianWords ?? 0);
  const own = useAppSelector((state) => state.competitors.ours?.words ?? 0);
  return own >= median / 2 ? { words: own, own: true } : { words: median, own: false };
}

function TitlePanel() {
  const pages = useAppSelector((state) => state.openPost.competitors?.pages) ?? [];
  const kept = pages.filter(({ state }) => state === "kept");
  return (
    <section>
      <h3 className="text-[13px] text-ink-2">How the pages title themselves</h3>
      <ol className="border border-rule bg-sheet">
        {kept.map(({ address, title, site, rank }) => (
          <li key={address} className="flex gap-3 border-b border-rule px-3 py-1.5 last:border-b-0">
            <span className="figures w-5 text-right text-ink-2">{rank + 1}</span>
            <span className="min-w-0 flex-1">
              {title} <span className="text-[12px] text-ink-2">{site}</span>
            </span>
            <span className="figures text-[12px] text-ink-2">{count(title.length, "character")}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
