/** Articles that do well on the subject: what leads to them, and the keywords that they draw. */

import { useState } from "react";
import type { Article } from "../../../data/schemas/search";
import { attempt } from "../../store/attempt";
import { useDependencies } from "../../store/DependenciesContext";
import { Button } from "../../ui/Button";
import { count, whole } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";
import { keepIdea } from "../actions";
import type { Selection } from "../board/useSelection";

const MOST_SHOWN = 12;

export function Articles({
  lookUpId,
  articles,
  selection,
}: {
  lookUpId: string;
  articles: Article[];
  selection: Selection;
}) {
  const [open, setOpen] = useState<string | null>(articles[0]?.page.address ?? null);
  if (!articles.length)
    return (
      <p className="border border-rule bg-sheet p-6 text-ink-2">
        No articles are known on this subject. A look-up by the search service brings them; a file has none.
      </p>
    );
  const most = Math.max(1, ...articles.map(({ searches }) => searches ?? 0));
  return (
    <ol aria-label="Articles on the subject" className="border border-rule bg-sheet">
      {articles.map((article) => {
        const { page, searches, keywords } = article;
        const opened = open === page.address;
        return (
          <li key={page.address} className="border-b border-rule last:border-b-0">
            <div className="grid grid-cols-[minmax(0,1fr)_180px_70px_auto] items-center gap-x-4 px-4 py-2">
              <div className="min-w-0">
                <Tooltip says={page.title} whenCut>
                  <h3 className="truncate font-serif text-[15px]">{page.title}</h3>
                </Tooltip>
                <p className="truncate text-[13px] text-ink-2">
                  {page.site} · {page.address.replace(/^https?:\/\//, "")}
                </p>
              </div>
              <p className="figures flex items-center gap-2 text-right">
                <span className="h-1.5 w-24 bg-rule" aria-hidden="true">
                  <span
                    className="block h-full bg-proof"
                    style={{ width: `${(100 * (searches ?? 0)) / most}%` }}
                  />
                </span>
                <span className="flex-1">
                  {searches === null ? "–" : whole(searches)}
                  <span className="block text-[12px] text-ink-2">searches</span>
                </span>
              </p>
              <p className="figures text-right">
                {page.linksIn}
                <span className="block text-[12px] text-ink-2">links in</span>
              </p>
              <div className="flex gap-2">
                <Button
                  kind="quiet"
                  aria-expanded={opened}
                  aria-label={`Keywords of “${page.title}”`}
                  onClick={() => setOpen(opened ? null : page.address)}
                >
                  {count(keywords.length, "keyword")}
                </Button>
                <Button
                  aria-label={`Write our own on “${page.title}”`}
                  onClick={() =>
                    void keepIdea({
                      title: `Our own: ${keywords[0]?.numbers.keyword ?? page.title}`,
                      sentence: `What “${page.title}” answers, from our own workshop and with our own figures.`,
                      keywords: keywords.slice(0, 10).map(({ numbers }) => numbers.keyword),
                      from: `Article: ${page.title} (${page.site})`,
                    })
                  }
                >
                  Write our own on this
                </Button>
              </div>
            </div>
            {opened && <Drawn lookUpId={lookUpId} article={article} selection={selection} />}
          </li>
        );
      })}
    </ol>
  );
}

/** The keywords that lead to an article; choosing them chooses them in the table. */
function Drawn({
  lookUpId,
  article: { page, keywords },
  selection,
}: {
  lookUpId: string;
  article: Article;
  selection: Selection;
}) {
  const { workers } = useDependencies();
  const [all, setAll] = useState(false);
  const shown = all ? keywords : keywords.slice(0, MOST_SHOWN);
  const choose = (drawn: Article["keywords"]) =>
    attempt(async () => {
      const numbers = drawn.map((keyword) => keyword.numbers);
      selection.add(await workers.keywords.adopt(lookUpId, numbers, page.title));
    });
  if (!keywords.length) return <p className="px-4 pb-3 text-ink-2">No keywords are known to lead there.</p>;
  return (
    <div className="border-t border-rule bg-paper px-4 py-2">
      <div className="mb-1 flex items-center gap-3">
        <Button
          kind="quiet"
          onClick={() => void choose(keywords)}
          aria-label={`Choose all keywords of “${page.title}”`}
        >
          Choose all {keywords.length}
        </Button>
        <span className="text-[13px] text-ink-2">What the look-up does not have yet joins it.</span>
      </div>
      <ul className="grid grid-cols-2 gap-x-8 mid:grid-cols-3">
        {shown.map(({ place, numbers }) => (
          <li key={numbers.keyword} className="flex items-baseline gap-2 text-[13px]">
            <Tooltip says={`Place ${place}`}>
              <span className="figures w-6 text-right text-ink-2">{place}</span>
            </Tooltip>
            <button
              type="button"
              className="quiet-link min-w-0 flex-1 truncate text-left"
              aria-label={`Choose “${numbers.keyword}”`}
              onClick={() => void choose([{ place, numbers }])}
            >
              {numbers.keyword}
            </button>
            <span className="figures">{numbers.searches === null ? "–" : whole(numbers.searches)}</span>
          </li>
        ))}
      </ul>
      {keywords.length > MOST_SHOWN && !all && (
        <button type="button" className="quiet-link mt-1 text-[13px]" onClick={() => setAll(true)}>
          Show all {keywords.length}
        </button>
      )}
    </div>
  );
}
