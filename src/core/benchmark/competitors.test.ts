/** The competing pages: pages read, and what they share. Figures are worked by hand from docs/scoring.md. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { changesBetween } from "../competitors/changes";
import { products } from "../competitors/clusters";
import { doubtsOf } from "../competitors/doubts";
import { frequenciesOf } from "../competitors/frequencies/frequencies";
import { readPage } from "../competitors/page";
import { eachPhrase, PhraseTable } from "../competitors/phrases";
import { asks, mergeQuestions, placeKind } from "../competitors/questions";
import { sectionsOf } from "../competitors/sections";
import { sectionVectors } from "../competitors/sectionVectors";
import { standingOf } from "../competitors/standing";
import { sortStatistics, statisticsOf } from "../competitors/statistics";
import { percentile, TermCounts } from "../competitors/terms";
import { headingTopics, jaccard } from "../competitors/topics";
import { defaultProfile } from "../proof/profile";
import { RUNS } from "../testing/runs";
import { analyseText } from "../text/analyse";
import { languagePack } from "../text/language";
import { proseOf, sumsIn, sumsOf } from "../text/prose";
import { readingEase } from "../text/readability";
import { analyseCompetitors, type CompetitorAnalysis, type RankedCompetitor } from "./competitors";

const pack = languagePack("en");
const ADDRESS = "https://a.example/guides/brakes.html";
const around = (main: string, head = "") =>
  `<!doctype html><html lang="en"><head><title>Brakes | A</title>${head}</head><body><header><nav><a href="/">Home</a></nav></header>${main}<aside><p>Subscribe to the newsletter</p></aside><footer><p>All rights reserved</p></footer></body></html>`;
const PROSE =
  "<p>Brake pads wear out, and a worn pad stops nobody. Look at them once a month, in good light.</p>".repeat(
    4,
  );
const textsOf = (html: string, address = ADDRESS) =>
  readPage(html, address).draft.blocks.map(({ text }) => text);

describe("a page", () => {
  it.each([
    ["main", `<main><h1>Brakes</h1>${PROSE}</main>`],
    ["article", `<article><h1>Brakes</h1>${PROSE}</article>`],
    ["a div", `<div class="content"><h1>Brakes</h1>${PROSE}</div>`],
    ["nothing of the kind", `<h1>Brakes</h1>${PROSE}`],
  ])("is read without menus and footers where the content stands in %s", (_what, main) => {
    const { draft } = readPage(around(main), ADDRESS);
    expect(draft.meta.title).toBe("Brakes");
    expect(draft.blocks.map(({ kind }) => kind)).toEqual([
      "paragraph",
      "paragraph",
      "paragraph",
      "paragraph",
    ]);
  });
  it("loses cookie notices, share lines and related links", () => {
    const read = textsOf(
      around(
        `<div class="cookie-consent"><p>We use cookies.</p></div><main><h1>Brakes</h1>${PROSE}<div class="share"><p>Share this</p></div></main><div class="related"><p>More like this</p></div>`,
      ),
    ).join(" ");
    expect(read).not.toMatch(/cookies|Share this|More like/);
  });
  it("keeps headings whose words stand in its title, and not those of what is left out", () => {
    const { draft } = readPage(
      around(
        `<h1>Bikes compared</h1>${PROSE}<h2>Load and volume</h2>${PROSE.replaceAll("pad", "load")}<div class="related"><h2>Bikes</h2><p>More like this</p></div>`,
      ).replace("Brakes | A", "Bikes compared: load, volume, range and price of nine cargo bikes"),
      ADDRESS,
    );
    expect(draft.blocks.filter(({ kind }) => kind === "heading").map(({ text }) => text)).toEqual([
      "Load and volume",
    ]);
    expect(draft.blocks.findIndex(({ kind }) => kind === "heading")).toBe(4);
  });
  it("says what its head says", () => {
    const page = readPage(
      around(
        `<main><h1>Brakes</h1>${PROSE}</main>`,
        `<meta name="description" content="How brakes wear."><link rel="canonical" href="https://a.example/brakes"><meta property="og:site_name" content="Site A"><script type="application/ld+json">{"@context":"x","@graph":[{"@type":["Article","FAQPage"],"datePublished":"2026-01-02","dateModified":"2026-02-03","author":{"@type":"Person","name":"Ines"}}]}</script><script type="application/ld+json">{broken</script>`,
      ),
      ADDRESS,
    );
    expect(page).toMatchObject({
      title: "Brakes | A",
      description: "How brakes wear.",
      canonical: "https://a.example/brakes",
      site: "Site A",
      language: "en",
      author: "Ines",
      published: "2026-01-02",
      modified: "2026-02-03",
      types: ["Article", "FAQPage"],
    });
    expect(page.draft.meta.slug).toBe("brakes");
  });
  it("has one title, or headings of the first level in its text", () => {
    expect(
      readPage(around(`<main><h1>One</h1>${PROSE}<h1>Two</h1>${PROSE}</main>`), ADDRESS).draft.meta.title,
    ).toBe("");
    const levels = readPage(
      around(`<main><h1>One</h1>${PROSE}<h1>Two</h1>${PROSE}</main>`),
      ADDRESS,
    ).draft.blocks.flatMap((block) => (block.kind === "heading" ? [block.level] : []));
    expect(levels).toEqual([1, 1]);
  });
  it("keeps headings without the sign that links to them", () => {
    const html = around(
      `<main><h1>Brakes</h1>${PROSE}<h2>Pads <a href="#pads">#</a></h2>${PROSE}<h3>Wear<a href="#w">¶</a></h3>${PROSE}</main>`,
    );
    const headings = readPage(html, ADDRESS).draft.blocks.filter(({ kind }) => kind === "heading");
    expect(headings.map(({ text }) => text)).toEqual(["Pads", "Wear"]);
    for (const { text, runs } of headings)
      expect(
        runs
          .map((run) => run.text)
          .join("")
          .trim(),
      ).toBe(text);
  });
  it.each([
    ["nothing", ""],
    ["blanks", " \n "],
    ["text alone", "Just some words."],
    ["a broken tree", "<main><table><tr><p>x<main><h2><h2></table></main></h2><li>y"],
    ["tags without end", "<div".repeat(2000)],
    ["deep nesting", `${"<div>".repeat(3000)}deep${"</div>".repeat(3000)}`],
    ["control characters", "<p>a\u0000b\u0007c\uFFFEd</p>"],
    ["two bodies", "<body><p>a</p></body><body><main><p>b</p></main></body>"],
    ["a frameset", "<frameset><frame src=x></frameset>"],
    ["a template as its main", "<template><main><p>x</p></main></template><p>y</p>"],
    ["a comment that never ends", "<main><p>x</p><!-- "],
  ])("is read whatever it is: %s", (_what, html) => {
    expect(() => readPage(html, "not an address")).not.toThrow();
  });
  it("never throws on any text", () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 200 }),
        fc.constantFrom("main", "div", "table", "svg", "script"),
        (text, tag) => {
          readPage(`<${tag}>${text}</${tag}><p>${text}`, ADDRESS);
        },
      ),
      { ...RUNS, numRuns: 60 },
    );
  });
});

describe("phrases", () => {
  const phrases = (text: string): string[] => {
    const table = new PhraseTable();
    const texts: string[] = [];
    eachPhrase(analyseText(text, pack), table, pack.measures, (_phrase, from, to) => {
      const { tokens } = analyseText(text, pack);
      texts.push(text.slice(tokens[from]!.start, tokens[to]!.end));
    });
    return texts;
  };
  it.each([
    ["red brake pads", ["red", "red brake", "red brake pads", "brake", "brake pads", "pads"]],
    ["pads of brakes", ["pads", "pads of brakes", "brakes"]],
    ["the pads", ["pads"]],
    ["brake, pads", ["brake", "pads"]],
    ["Brake. Pads", ["Brake", "Pads"]],
    ["rain-cover", ["rain", "rain-cover", "cover"]],
    ["40 km range", ["range"]],
    ["two pads every year", ["pads"]],
    ["one two three", []],
  ])("of “%s”", (text, expected) => expect(phrases(text)).toEqual(expected));
  it("are of four words at most", () => {
    expect(
      Math.max(...phrases("alpha bravo charlie delta echo").map((phrase) => phrase.split(" ").length)),
    ).toBe(4);
  });
});

describe("terms", () => {
  const count = (texts: string[], excluded: string[] = [], language = "en") => {
    const pack = languagePack(language);
    return new TermCounts(
      texts.map((text) => {
        const analysed = analyseText(text, pack);
        return { texts: [analysed], words: analysed.tokens.length };
      }),
      frequenciesOf(language),
      new Set(excluded),
      pack,
    );
  };
  it("need three pages and a quarter of them", () => {
    const texts = ["derailleur here", "derailleur there", "of the and", "to it"];
    expect(count(texts).terms()).toEqual([]);
    expect(
      count([...texts, "derailleur"])
        .terms()
        .map(({ text }) => text),
    ).toEqual(["derailleur"]);
    expect(count([...texts, "derailleur", ...Array(10).fill("of the")]).terms()).toEqual([]);
  });
  it("have the salience of the formula, and a usual range between percentiles", () => {
    // Ten words a page, one of them the term: 100 uses per 1,000 words on 3 of 4 pages, 75 over all.
    const page = "derailleur is not and the of to in on at";
    const [term] = count([page, page, page, "it is not and the of to in on at"]).terms();
    expect(term).toMatchObject({ text: "derailleur", pages: 3, presence: 0.75, use: 75, core: true });
    expect(term!.salience).toBeCloseTo(0.75 * Math.log(76) * frequenciesOf("en").rarity(term!.key), 9);
    expect(term!.usual).toEqual([100, 100]);
  });
  it("are discounted where a longer phrase holds most of their uses", () => {
    const texts = Array(4).fill("The bottom bracket creaks. A bottom bracket is cheap.");
    const saliences = new Map(
      count(texts)
        .terms()
        .map(({ text, salience }) => [text, salience]),
    );
    expect(saliences.has("bracket")).toBe(false);
    expect(saliences.get("bottom bracket")).toBeGreaterThan(0);
  });
  it("are shown as they are written most often, the lower form of equals", () => {
    const [term] = count(["Spokes break", "the spokes sing", "Spoke after spokes"]).terms();
    expect(term!.text).toBe("spokes");
  });
  it("leave out what is excluded, and what general text says as often", () => {
    const texts = Array(4).fill("The derailleur and people who know people");
    expect(
      count(texts, ["derailleur"])
        .terms()
        .map(({ text }) => text),
    ).not.toContain("derailleur");
    expect(count(Array(4).fill(`people ${"of the ".repeat(400)}`)).terms()).toEqual([]);
  });
  it.each([
    ["de", "Wir prüfen die Bremsen. Dann kommen Bremsen. Prüfen, ob sie es sind: Bremsen.", ["Bremsen"]],
    ["fr", "C'est l'autonomie. Et l'autonomie, elle est là.", ["autonomie"]],
    ["it", "La sella. L'autonomia.", ["autonomia", "sella"]],
  ])(
    "of one word are shown as nouns are written, without what clings to them, in %s: %s",
    (language, text, terms) => {
      const shown = count(Array(4).fill(text), [], language)
        .terms()
        .map((term) => term.text);
      expect(shown.filter((term) => !term.includes(" ")).sort()).toEqual(terms);
    },
  );
  it("are nouns sooner than verbs", () => {
    const often = (text: string) => count(Array(4).fill(`${text} ${"of the ".repeat(300)}`)).terms();
    expect(often("They choose it.")).toEqual([]);
    expect(often("The choice is mine.").map(({ text }) => text)).toContain("choice");
    expect(often("It is usual.")).toEqual([]);
  });
  it("can be taken without one page", () => {
    const counts = count(["derailleur", "derailleur", "derailleur", "derailleur hanger"]);
    expect(counts.terms(0)[0]).toMatchObject({ text: "derailleur", pages: 3, presence: 1 });
  });
  it("of four words are one thing: their parts do not stand without each other as a rule", () => {
    const texts = [0, 1, 2, 3].flatMap(() => [
      "derailleur hanger alignment gauge",
      "sprocket cassette freewheel ratchet",
      ...Array.from({ length: 12 }, () => "sprocket cassette, and: freewheel ratchet"),
    ]);
    const keys = count([0, 1, 2, 3].map(() => texts.join(". ")))
      .terms()
      .map(({ text }) => text);
    expect(keys).toContain("derailleur hanger alignment gauge");
    expect(keys).not.toContain("sprocket cassette freewheel ratchet");
  });
  it.each([
    [[1, 2, 3, 4, 5], 0.5, 3],
    [[1, 2], 0.2, 1.2],
    [[7], 0.8, 7],
    [[], 0.5, 0],
  ])("percentile of %j at %d", (values, share, expected) =>
    expect(percentile(values, share)).toBeCloseTo(expected, 9),
  );
});

describe("heading topics", () => {
  const heading = (page: number, text: string, place = 0.5, uses: Record<string, number> = {}) => ({
    page,
    text,
    level: 2,
    place,
    words: 50,
    standing: standingOf(analyseText(text, pack), pack),
    stems: new Set(
      analyseText(text, pack)
        .tokens.filter(({ small }) => !small)
        .map(({ stem }) => stem),
    ),
    uses: new Map(Object.entries(uses)),
  });
  const topics = (headings: ReturnType<typeof heading>[], pages = 4) =>
    headingTopics(headings, pages, frequenciesOf("en"));
  it("join headings that say the same, and give their presence and median place", () => {
    const [topic, ...rest] = topics([
      heading(0, "Brake pads", 0.2),
      heading(1, "The brake pads", 0.4),
      heading(2, "Pads of brakes", 0.6),
      heading(3, "Saddles"),
    ]);
    expect(topic).toMatchObject({ pages: 3, presence: 0.75, place: 0.4, words: 50, level: 2 });
    expect(topic!.headings.map(({ page }) => page).sort()).toEqual([0, 1, 2]);
    expect(rest).toHaveLength(1);
  });
  it("join headings of other words where their sections speak of the same", () => {
    const same = { derailleur: 4, sprocket: 3, cassette: 3 };
    const merged = topics([
      heading(0, "Shifting", 0.5, same),
      heading(1, "Gears", 0.5, same),
      heading(2, "Saddles", 0.5, { leather: 4, seatpost: 3 }),
      heading(3, "Bells", 0.5, { brass: 4, thumb: 3 }),
    ]);
    expect(merged.map(({ pages }) => pages)).toEqual([2, 1, 1]);
  });
  it("are called by a heading that stands alone, or by one that several pages have", () => {
    expect(
      topics([heading(0, "What do brakes cost?"), heading(1, "The brakes of ours"), heading(2, "Brakes")])[0]!
        .label,
    ).toBe("Brakes");
    expect(
      topics([
        heading(0, "Box or longtail?"),
        heading(1, "Box or longtail?"),
        heading(2, "Longtail: a box"),
      ])[0]!.label,
    ).toBe("Box or longtail?");
  });
  it("are not joined by headings that say when and not of what, nor by a word where sections speak of other things", () => {
    const apart = topics([
      heading(0, "Also ridden", 0.5, { leather: 4, seatpost: 3 }),
      heading(1, "After the ride", 0.5, { brass: 4, thumb: 3 }),
      heading(2, "Before the ride", 0.5, { derailleur: 4, sprocket: 3 }),
    ]);
    expect(apart.map(({ pages }) => pages)).toEqual([1, 1, 1]);
  });
  it("do not depend on the order of the headings", () => {
    const all = [
      heading(0, "Brake pads"),
      heading(1, "Pads"),
      heading(2, "Brakes"),
      heading(3, "Brake lever"),
      heading(0, "Saddle"),
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (shuffled) => {
        expect(topics(shuffled)).toEqual(topics(all));
      }),
      { ...RUNS, numRuns: 30 },
    );
  });
  it("are none of nothing", () => expect(topics([])).toEqual([]));
  it.each([
    ["a b", "a b", 1],
    ["a b", "b c", 1 / 3],
    ["a", "b", 0],
    ["", "", 0],
  ])("Jaccard of {%s} and {%s}", (a, b, expected) => {
    const set = (text: string) => new Set(text.split(" ").filter(Boolean));
    expect(jaccard(set(a), set(b))).toBeCloseTo(expected, 9);
  });
  it("sections are alike by the words that tell them apart, and words of one page join nothing", () => {
    const section = (page: number, words: string) => ({
      page,
      uses: new Map(words.split(" ").map((word) => [word, 2])),
    });
    const vectors = sectionVectors(
      [
        section(0, "derailleur sprocket"),
        section(1, "derailleur sprocket"),
        section(2, "saddle"),
        section(2, "saddle leather"),
      ],
      frequenciesOf("en"),
    );
    const rows = products(vectors);
    expect(rows[0]![1]).toBeCloseTo(1, 9);
    expect(rows[2]![3]).toBe(0);
    expect(rows[1]![0]).toBe(rows[0]![1]);
  });
});

describe("sections", () => {
  it("reach to the next heading of their level, and know where they begin", () => {
    const { blocks } = readPage(
      around(`<main><h1>T</h1><h2>Alpha</h2>${PROSE}<h3>Bravo</h3>${PROSE}<h2>Charlie</h2>${PROSE}</main>`),
      ADDRESS,
    ).draft;
    const sections = sectionsOf(blocks);
    expect(sections.map(({ text, level }) => `${level} ${text}`)).toEqual([
      "2 Alpha",
      "3 Bravo",
      "2 Charlie",
    ]);
    const [a, b, c] = sections;
    expect([a!.to, b!.to]).toEqual([c!.heading, c!.heading]);
    expect(a!.place).toBe(0);
    expect(c!.place).toBeGreaterThan(b!.place);
  });
});

describe("questions", () => {
  it.each([
    ["How wide is it?", true],
    ["Why?", false],
    ["It is wide.", false],
    ["“How wide is it?”", true],
    [`${"word ".repeat(20)}?`, false],
  ])("“%s” asks: %s", (text, expected) => expect(asks(text)).toBe(expected));
  it("are one where their content stems agree, shown as a page writes them, most asked first", () => {
    const at = (kind: "search" | "page", address: string) => ({ kind, title: address, address });
    const merged = mergeQuestions(
      [
        { text: "how wide is a cargo bike?", at: at("search", ""), asSearched: true },
        { text: "How wide are cargo bikes?", at: at("page", "a") },
        { text: "How wide are cargo bikes?", at: at("page", "a") },
        { text: "Is it safe?", at: at("page", "b") },
        { text: "And?", at: at("page", "b") },
      ],
      pack,
    );
    expect(merged.map(({ text, asked: places }) => [text, places.length])).toEqual([
      ["How wide are cargo bikes?", 2],
      ["Is it safe?", 1],
    ]);
  });
  it.each([
    [["QAPage"], "q-and-a"],
    [["DiscussionForumPosting", "Person"], "forum"],
    [["Article"], "page"],
  ])("of a page of %j are asked in a %s", (types, kind) => expect(placeKind(types)).toBe(kind));
});

describe("statistics", () => {
  const of = (body: string) =>
    statisticsOf(
      readPage(around(`<main>${body}${PROSE}</main>`), ADDRESS).draft.blocks,
      { title: "A", address: ADDRESS },
      pack,
    );
  it.each([
    ["Pads lost 38 per cent of their life.", true],
    ["A longtail costs 5,600 euros to buy.", true],
    ["It costs 5,600 euros to buy.", false],
    ["Mine was dead after 1,100 km of rain.", false],
    ["Grandmother, 60 km away by road.", false],
    ["tilly_w: The shop read out 81 per cent of charge.", false],
    ["Range fell to 26 km in January.", true],
    ["As many as 9 of 10 riders agreed.", true],
    ["The bridge was built in 1998 by hand.", true],
    ["4 of 5 riders felt safe on ice.", true],
    ["There are many reasons for that.", false],
    ["See page 4 for more of it.", false],
    ["Did it lose 40 per cent of it?", false],
    ["A cargo bike saves 60 per cent of trips since:", false],
    ["Range in winter is 26 km (see Section 2.1.5).", false],
    ["tar -cvjf bikes.tar.bz2 bar/ 5 km", false],
    ["12 km", false],
  ])("“%s”: %s", (sentence, expected) => {
    expect(of(`<p>${sentence}</p>`).some((one) => one.sentence === sentence)).toBe(expected);
  });
  it("are sentences in a table's cells too, and no labels", () => {
    const cells = ["Range in winter is 26 km.", "Range in winter 26 km", "A second battery of 400 Wh"];
    const table = `<table><tr>${cells.map((cell) => `<td>${cell}</td>`).join("")}</tr></table>`;
    expect(of(table).map(({ sentence }) => sentence)).toEqual(["Range in winter is 26 km."]);
  });
  it.each([
    ["de", "Laut Abschnitt 4 hält der Akku 60 Kilometer.", "Der Akku hält im Winter 60 Kilometer."],
    ["it", "L'accumulatore (vedi Sezione 2.1) dura 8 ore.", "L'accumulatore della bici dura 8 ore."],
    ["pt", "A bateria (veja Secção 2.1) dura 8 horas.", "A bateria da bicicleta dura 8 horas."],
    ["es", "La batería (capítulo 3) dura 8 horas.", "La batería de la bicicleta dura 8 horas."],
    ["nl", "Volgens hoofdstuk 3 gaat de accu 5 jaar mee.", "De accu van de fiets gaat 5 jaar mee."],
    ["fr", "Selon le chapitre 3 la batterie tient 8 heures.", "La batterie du vélo tient 8 heures."],
  ])("point to no numbered part, in %s", (code, pointing, plain) => {
    const blocks = readPage(`<main><p>${pointing} ${plain}</p></main>`, ADDRESS, code).draft.blocks;
    const found = statisticsOf(blocks, { title: "A", address: ADDRESS }, languagePack(code));
    expect(found.map(({ sentence }) => sentence)).toEqual([plain]);
  });
  it("name the source that is linked in the sentence, or near", () => {
    const [one] = of(
      '<p>Of all trips 61 per cent were short (<a href="https://b.example/count">the count</a>).</p>',
    );
    expect(one!.source).toEqual({ text: "the count", address: "https://b.example/count" });
    const sorted = sortStatistics([{ ...one!, source: null }, { ...one!, sentence: "Z 5 km" }, one!]);
    expect(sorted.map(({ source }) => source !== null)).toEqual([true, true]);
  });
});

describe("doubts", () => {
  const page = (words: string, times = 30) => {
    const analysed = analyseText(`${words} `.repeat(times), pack);
    return { texts: [analysed], words: analysed.tokens.length, isOther: false };
  };
  it("find what is off the subject and what is thin, and need some pages to do so", () => {
    const alike = [
      "brake pad disc lever",
      "brake pad wear disc",
      "disc brake caliper pad",
      "brake lever pad fluid",
    ].map((text) => page(text));
    expect(doubtsOf([...alike, page("origami paper fold swan"), page("brake pad disc", 3)])).toEqual([
      null,
      null,
      null,
      null,
      "off-subject",
      "thin",
    ]);
    expect(doubtsOf(alike.slice(0, 2))).toEqual([null, null]);
  });
  it("say first that a page is in another language, however few there are", () => {
    const foreign = { ...page("origami paper fold swan"), isOther: true };
    expect(doubtsOf([page("brake pad disc lever"), foreign])).toEqual([null, "other-language"]);
    const alike = Array.from({ length: 4 }, () => page("brake pad disc lever"));
    expect(doubtsOf([...alike, foreign])[4]).toBe("other-language");
  });
});

describe("changes between two fields", () => {
  const source = (address: string, rank: number, state: "kept" | "dropped" | "failed" = "kept") => ({
    address,
    title: address,
    rank,
    state,
  });
  it("are pages new, gone and moved; pages not read are in neither", () => {
    const before = {
      pages: [source("a", 0), source("b", 1), source("c", 2), source("d", 3, "failed")],
      measure: { medianWords: 700 },
    };
    const now = {
      pages: [source("b", 0), source("a", 3), source("d", 1, "dropped")],
      measure: { medianWords: 720 },
    };
    const changes = changesBetween(before, now);
    expect(changes.added.map(({ address }) => address)).toEqual(["d"]);
    expect(changes.gone.map(({ address }) => address)).toEqual(["c"]);
    expect(changes.moved.map(({ page, up }) => [page.address, up])).toEqual([
      ["a", -3],
      ["b", 1],
    ]);
    expect(changes.medianWords).toEqual([700, 720]);
  });
});

describe("reading ease", () => {
  it("is that of Flesch, and nothing of no words", () => {
    // Sentences of six words, seven syllables: 206.835 − 1.015 · 6 − 84.6 · 7 / 6.
    const sums = sumsIn(proseOf(analyseText("The cat sat on the sofa.", pack)));
    expect(readingEase(sums, pack)).toBeCloseTo(206.835 - 6.09 - (84.6 * 7) / 6, 1);
    expect(readingEase(sumsOf([]), pack)).toBeNull();
  });
});

describe("competing pages", () => {
  const page = (i: number, body: string): RankedCompetitor => ({
    rank: i,
    page: readPage(around(`<main><h1>Brake guide ${i}</h1>${body}</main>`), `https://s${i}.example/brakes`),
  });
  const body = (i: number) =>
    `<h2>Brake pads</h2><p>${"Worn brake pads squeal on the disc rotor. ".repeat(4 + i)}</p><h2>Bleeding the brakes</h2><p>${"Hydraulic fluid wants changing, and air makes the lever soft. ".repeat(5)}How often should fluid be changed? Of the riders 40 per cent never do.</p>`;
  const pages = Array.from({ length: 12 }, (_, i) => page(i, body(i)));
  const analyse = (some: readonly RankedCompetitor[], keyword = "brakes"): CompetitorAnalysis =>
    analyseCompetitors(some, {
      keyword,
      language: "en",
      profile: defaultProfile,
      asked: [{ text: "can i bleed brakes myself", service: "Search", asked: [] }],
    });
  const whole = analyse(pages);

  it("has terms, topics, questions, figures, a benchmark and a measure", () => {
    expect(whole.terms.map(({ text }) => text)).toEqual(
      expect.arrayContaining(["brake pads", "disc rotor", "fluid"]),
    );
    expect(whole.topics.map(({ label, pages: n }) => [label, n])).toEqual(
      expect.arrayContaining([["Brake pads", 12]]),
    );
    expect(whole.questions.map(({ text }) => text)).toEqual(
      expect.arrayContaining(["How often should fluid be changed?", "Can I bleed brakes myself?"]),
    );
    expect(whole.statistics.length).toBeGreaterThan(0);
    const scores = whole.pages.map(({ report }) => report.score);
    expect(whole.benchmark!.best).toBe(Math.max(...scores));
    expect(whole.benchmark!.average).toBeCloseTo(
      scores.slice(0, 10).reduce((sum, score) => sum + score, 0) / 10,
      9,
    );
    expect(whole.measure).toMatchObject({ pages: 12, keyword: "brakes" });
  });
  it("is the same in any order of collecting", () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(pages, { minLength: pages.length }), (shuffled) => {
        expect(analyse(shuffled)).toEqual(whole);
      }),
      { ...RUNS, numRuns: 4 },
    );
  });
  it("scores a page against the others alone: its own words are no measure of it", () => {
    const odd = page(12, `<h2>Zither</h2><p>${"The zither and the dulcimer. ".repeat(20)}</p>`);
    const withOdd = analyse([...pages, odd]);
    const report = withOdd.pages.at(-1)!.report;
    expect(report.findings.find(({ id }) => id === "heading-topics")).toMatchObject({
      state: "judged",
      share: 0,
    });
    expect(withOdd.pages.at(-1)!.doubt).toBe("off-subject");
  });
  it("takes no term or topic from a page in another language, and none from a passage in one", () => {
    const GERMAN =
      "<p>Die Bremse soll man nach dem Winter prüfen, weil das Salz auf der Straße die Beläge und die Scheibe angreift.</p>";
    const foreign = Array.from({ length: 4 }, (_, i) =>
      page(20 + i, `<h2>Die Bremse prüfen</h2>${GERMAN.repeat(6)}`),
    );
    const mixed = pages.map((one, i) => {
      const { blocks } = page(40 + i, GERMAN).page.draft;
      const { draft } = one.page;
      return {
        ...one,
        page: { ...one.page, draft: { ...draft, blocks: [...draft.blocks, ...blocks.slice(-1)] } },
      };
    });
    const analysed = analyse([...mixed, ...foreign]);
    expect(analysed.pages.slice(-4).map(({ doubt }) => doubt)).toEqual(Array(4).fill("other-language"));
    expect(analysed.pages.slice(0, -4).map(({ doubt }) => doubt)).not.toContain("other-language");
    expect(analysed.topics.map(({ label }) => label)).not.toContain("Die Bremse prüfen");
    expect(analyse(foreign).topics.map(({ label }) => label)).toContain("Die Bremse prüfen");
    const said = analysed.terms.map(({ text }) => text.toLowerCase());
    for (const word of ["die", "man", "winter", "salz", "bremse", "beläge"]) expect(said).not.toContain(word);
    expect(new Set(said)).toEqual(new Set(whole.terms.map(({ text }) => text.toLowerCase())));
  });
  it("takes no month for a term, unless the keyword has it", () => {
    const monthly = pages.map((_, i) => page(60 + i, `${body(i)}<p>${"We wait. March. ".repeat(6)}</p>`));
    const termsOf = (keyword: string) => analyse(monthly, keyword).terms.map(({ text }) => text);
    expect(termsOf("brakes")).not.toContain("March");
    expect(termsOf("brakes in march")).toContain("March");
  });
  it("counts a page once though it was collected twice", () => {
    expect(analyse([...pages, { ...pages[0]!, rank: 99 }])).toEqual(whole);
  });
  it.each([
    ["none", [] as RankedCompetitor[]],
    ["one", pages.slice(0, 1)],
    ["empty pages", Array.from({ length: 3 }, (_, i) => page(i, ""))],
  ])("stands on %s", (_what, some) => {
    const competitors = analyse(some);
    expect(competitors.pages).toHaveLength(some.length);
    expect(Number.isFinite(competitors.benchmark?.average ?? 0)).toBe(true);
  });
  it("without a keyword or in a language without a pack are analysed all the same", () => {
    expect(analyse(pages, "").topics.length).toBeGreaterThan(0);
    expect(
      analyseCompetitors(pages, { keyword: "brakes", language: "xx", profile: defaultProfile }).pages,
    ).toHaveLength(12);
  });
  it("tells how far it is", () => {
    const steps: number[] = [];
    analyseCompetitors(pages, { keyword: "brakes", language: "en", profile: defaultProfile }, (done, of) => {
      expect(done).toBeLessThanOrEqual(of);
      steps.push(done);
    });
    expect(steps.length).toBeGreaterThan(20);
    expect(steps).toEqual([...steps].sort((a, b) => a - b));
  });
});
