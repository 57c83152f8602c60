/** Every check against shares worked by hand from the scoring rules. */
import { describe, expect, it } from "vitest";
import type { CompetitorMeasure } from "../../competitors/measure";
import type { DraftMeta } from "../../draft/draft";
import { draftFromHtml } from "../../draft/fromHtml";
import { draftFromMarkdown } from "../../draft/fromMarkdown";
import { draftOf, filler, findingOf } from "../../testing/draftOf";
import { noContext, type ProofContext } from "../context";
import type { FindingState } from "../finding";
import type { CheckId } from "../profile";
import { checks } from "../registry";

type Outcome = number | Exclude<FindingState, "judged">;
type Row = [
  what: string,
  meta: Partial<DraftMeta>,
  body: string,
  expected: Outcome,
  context?: Partial<ProofContext>,
];

const KW = "cargo bike";
/** Of seven words, three of them telling. */
const LONG = "how often to water a snake plant";

/** Ten competing pages with two terms, the second of a quarter of the first's weight, and two topics. */
const competitors: CompetitorMeasure = {
  pages: 10,
  keyword: KW,
  medianWords: 1000,
  density: [0.01, 0.03],
  terms: [
    { key: "rain cover", text: "rain cover", salience: 4, usual: [10, 20], core: true },
    { key: "motor", text: "motor", salience: 1, usual: [20, 40], core: false },
  ],
  topics: [
    { label: "What it costs", presence: 0.6, place: 0.5, level: 2, stems: [["cost"], ["price", "insur"]] },
    { label: "Rain covers", presence: 0.4, place: 0.7, level: 2, stems: [["cover", "weather"]] },
    { label: "Rare", presence: 0.2, place: 0.9, level: 2, stems: [["rare"]] },
  ],
};
const measured: Partial<ProofContext> = { competitors };
/** One whose pages say it 2 to 4 times in a thousand words. */
const sparse: Partial<ProofContext> = { competitors: { ...competitors, density: [0.002, 0.004] } };
const questionsOf = (...questions: string[]): Partial<ProofContext> => ({ competitors, questions });

const tables: Record<CheckId, Row[]> = {
  "keyword-in-title": [
    ["no keyword", { title: "Cargo bike" }, "", "waiting"],
    ["no title", { keyword: KW }, "", "waiting"],
    ["absent", { keyword: KW, title: "Trailers and trikes" }, "", 0],
    ["exact, first", { keyword: KW, title: "Cargo bike care" }, "", 1],
    ["inflected", { keyword: KW, title: "Cargo bikes at home" }, "", 1],
    ["inside, before the middle", { keyword: KW, title: "Your cargo bike in the long, wet winter" }, "", 1],
    // "All that we know of the " is 24 of 34 characters: past the middle.
    ["past the middle", { keyword: KW, title: "All that we know of the cargo bike" }, "", 0.85],
    // "12345678 " is 9 of 19 characters: not past the middle (9.5).
    ["just before the middle", { keyword: KW, title: "12345678 cargo bike" }, "", 1],
    ["close", { keyword: "cargo bike brakes", title: "Brakes of a cargo bike" }, "", 0.8],
    [
      "scattered",
      {
        keyword: "cargo bike brakes",
        title: "A cargo trike, if it must be, with a bike's frame and disc brakes",
      },
      "",
      0.4,
    ],
    [
      "the meta title goes before the title",
      { keyword: KW, title: "Cargo bike", metaTitle: "Something else" },
      "",
      0,
    ],
  ],
  "keyword-in-h1": [
    ["title as H1", { keyword: KW, title: "The cargo bike" }, "Text", 1],
    [
      "H1 of the body instead of the title",
      { keyword: KW, title: "The cargo bike" },
      "# Trailers\n\nText",
      0,
    ],
    ["best of two", { keyword: KW, title: "x" }, "# Trailers\n\n# Cargo bikes", 1],
    ["none", { keyword: KW }, "Text", "waiting"],
    ["no keyword", { title: "x" }, "Text", "waiting"],
  ],
  "keyword-in-opening": [
    ["in the first paragraph", { keyword: KW }, "Our cargo bike.", 1],
    ["in the hundredth word", { keyword: KW }, `${filler(98)} cargo bike ends it. ${filler(5)}`, 1],
    // The first paragraph has 3 words, so the first 100 words count: the keyword is words 101 and 102.
    ["just past the first hundred", { keyword: KW }, `Three short words.\n\n${filler(97)} cargo bike`, 0],
    ["a long first paragraph counts whole", { keyword: KW }, `${filler(150)} cargo bike`, 1],
    ["lists and quotes count", { keyword: KW }, "Hello.\n\n- one\n- cargo bike", 1],
    ["headings do not", { keyword: KW }, "Hello.\n\n## Cargo bike\n\nMore.", 0],
    ["scattered over sentences", { keyword: KW }, "We carry cargo. Nobody needs another bike.", 0.4],
    ["close, in one sentence", { keyword: KW }, "A bike that takes your cargo.", 0.8],
    ["no text", { keyword: KW }, "## Heading", "waiting"],
  ],
  "keyword-in-subheads": [
    ["one of two", { keyword: KW }, "## Why a cargo bike\n\n## Other", 1],
    ["H4 does not count", { keyword: KW }, "## Other\n\n#### Cargo bike", 0],
    // 3 of 4 carry it: more than 60 %, and three.
    ["too many", { keyword: KW }, "## Cargo bike a\n\n## Cargo bike b\n\n### Cargo bike c\n\n## Other", 0.5],
    // 3 of 5 is 60 %: not more.
    [
      "three of five",
      { keyword: KW },
      "## Cargo bike a\n\n## Cargo bike b\n\n## Cargo bike c\n\n## d\n\n## e",
      1,
    ],
    ["two of two are no crowd", { keyword: KW }, "## Cargo bike a\n\n## Cargo bike b", 1],
    [
      "close is worth 0.8, halved",
      { keyword: KW },
      "## Bike with cargo a\n\n## Bike for cargo b\n\n## Bike or cargo c",
      0.4,
    ],
    ["none there", { keyword: KW }, "Text", "waiting"],
  ],
  "keyword-use": [
    // 1 use in 250 words is 0.4 %.
    ["at the lower end", { keyword: KW }, `cargo bike ${filler(248)}`, 1],
    // 1 use in 500 words is 0.2 %: half of 0.4 %; under 3 uses in over 300 words is at most 0.6.
    ["below", { keyword: KW }, `cargo bike ${filler(498)}`, 0.5],
    // 2 uses in 400 words: 0.5 % is inside, but fewer than 3 in 300 or more.
    ["few uses in a long text", { keyword: KW }, `cargo bike ${filler(198)} cargo bikes ${filler(198)}`, 0.6],
    // 2 uses in 299 words are enough.
    ["few uses in a short text", { keyword: KW }, `cargo bike ${filler(98)} cargo bike ${filler(197)}`, 1],
    // 2 uses in 100 words is 2 %.
    ["at the upper end", { keyword: KW }, `cargo bike ${filler(48)}. Cargo bike ${filler(48)}`, 1],
    // 11 uses in 400 words is 2.75 %: half way from 2 % to 3.5 %.
    ["above", { keyword: KW }, `${filler(11, "cargo bike.")} ${filler(378)}`, 0.5],
    ["far above", { keyword: KW }, filler(50, "Cargo bike."), 0],
    ["headings count, the H1 does not", { keyword: KW }, `# Cargo bike\n\n## Cargo bike\n\n${filler(48)}`, 1],
    // Under 150 words, fewer than three uses are never too many; three in 148 are 2.03 %.
    ["one use in few words", { keyword: KW }, `cargo bike ${filler(28)}`, 1],
    ["two uses in few words", { keyword: KW }, `cargo bike ${filler(20)} cargo bike ${filler(5)}`, 1],
    [
      "three uses in few words",
      { keyword: KW },
      `${filler(3, "Cargo bike.")} ${filler(142)}`,
      (0.035 - 3 / 148) / 0.015,
    ],
    [
      "two uses in 150 words above the competing pages",
      { keyword: KW },
      `${filler(2, "Cargo bike.")} ${filler(146)}`,
      (0.035 - 2 / 150) / (0.035 - 0.004),
      sparse,
    ],
    ["no text", { keyword: KW }, "", "waiting"],
    // The competing pages' usual is 1 % to 3 %, which 1 use in 200 words is half of.
    ["below the competing pages", { keyword: KW }, `cargo bike ${filler(198)}`, 0.5, measured],
    [
      "inside the competing pages",
      { keyword: KW },
      `cargo bike ${filler(48)}. Cargo bike ${filler(48)}`,
      1,
      measured,
    ],
    // 8 uses in 200 words are 4 %: 4/9 of the way from 3 % to 1.75 times that.
    [
      "above the competing pages",
      { keyword: KW },
      `${filler(8, "cargo bike.")} ${filler(184)}`,
      5 / 9,
      measured,
    ],
    ["competing pages for another keyword", { keyword: "bike" }, `bike ${filler(199)}`, 1, measured],
    [
      "too few competing pages",
      { keyword: KW },
      `cargo bike ${filler(248)}`,
      1,
      { competitors: { ...competitors, pages: 4 } },
    ],
  ],
  "keyword-in-slug": [
    ["exact", { keyword: KW, slug: "cargo-bike-care" }, "", 1],
    ["small words left out", { keyword: "cargo bike for families", slug: "cargo-bike-families" }, "", 1],
    ["some small words left out", { keyword: LONG, slug: "how-often-water-a-snake-plant" }, "", 1],
    ["in another order", { keyword: "cargo bike for families", slug: "families-cargo-bike" }, "", 0.8],
    ["joined", { keyword: "e-bike", slug: "ebike-range" }, "", 1],
    [
      "too far apart to be close, and a slug takes no scattered words",
      { keyword: "cargo bike", slug: "cargo-a-b-c-d-e-bike" },
      "",
      0,
    ],
    ["absent", { keyword: KW, slug: "trailers" }, "", 0],
    ["no slug", { keyword: KW }, "", "waiting"],
  ],
  "title-width": [
    // i is 222 of 1,000 units wide in these metrics: 4.443 px at 20 px (455 of 2,048).
    ["narrow", { metaTitle: "i".repeat(40) }, "", (40 * 20 * 455) / 2048 / (285 - 120) - 120 / (285 - 120)],
    ["nothing below 120 px", { metaTitle: "i".repeat(27) }, "", 0],
    ["inside", { metaTitle: "i".repeat(100) }, "", 1],
    ["wide", { metaTitle: "i".repeat(140) }, "", (700 - (140 * 20 * 455) / 2048) / (700 - 580)],
    ["nothing above 700 px", { metaTitle: "i".repeat(158) }, "", 0],
    ["the suffix counts", { metaTitle: "i".repeat(120), titleSuffix: "i".repeat(38) }, "", 0],
    ["the title stands in", { title: "i".repeat(100) }, "", 1],
    ["none", {}, "", "waiting"],
  ],
  "description-width": [
    // 3.1104 px an i at 14 px.
    ["short", { description: "i".repeat(100) }, "", ((100 * 14 * 455) / 2048 - 150) / (430 - 150)],
    ["inside", { description: "i".repeat(200) }, "", 1],
    ["long", { description: "i".repeat(320) }, "", (1200 - (320 * 14 * 455) / 2048) / (1200 - 920)],
    ["never under 0.3 above the cut", { description: "i".repeat(500) }, "", 0.3],
    ["none", {}, "", "waiting"],
  ],
  "keyword-in-description": [
    ["exact", { keyword: KW, description: "A cargo bike." }, "", 1],
    ["scattered", { keyword: KW, description: "Carry your cargo. Ride a bike." }, "", 0.4],
    ["absent", { keyword: KW, description: "Nothing." }, "", 0],
    ["none", { keyword: KW }, "", "waiting"],
  ],
  "slug-form": [
    ["a keyword of seven words, whole", { keyword: LONG, slug: "how-often-to-water-a-snake-plant" }, "", 1],
    ["a keyword with its year", { keyword: "best loaf 2026", slug: "best-loaf-2026" }, "", 1],
    ["a keyword with a capital", { keyword: "best loaf", slug: "Best-loaf" }, "", 0.8],
    ["good", { slug: "cargo-bike-care" }, "", 1],
    ["capitals", { slug: "Cargo-bike" }, "", 0.8],
    ["underscores, capitals and a year", { slug: "Cargo_Bike-2024" }, "", 0.4],
    ["doubled hyphen", { slug: "cargo--bike" }, "", 0.8],
    ["seven words", { slug: "one-two-three-four-five-six-seven" }, "", 0.8],
    ["over sixty characters", { slug: `${"a".repeat(30)}-${"b".repeat(30)}` }, "", 0.8],
    ["a date", { slug: "news-20240531" }, "", 0.8],
    ["a month and day", { slug: "open-day-12-may" }, "", 0.8],
    ["a month alone is a word", { slug: "riding-every-may" }, "", 1],
    ["half small words", { slug: "the-bike" }, "", 1],
    ["most small words", { slug: "how-to-the-bike" }, "", 0.8],
    ["none", {}, "", "waiting"],
  ],
  "title-distinct": [
    ["alone", { title: "Cargo bike care" }, "", 1],
    ["none", {}, "", "waiting"],
  ],
  "one-h1": [
    ["the title", { title: "x" }, "Text", 1],
    ["one in the body, the title steps back", { title: "x" }, "# y", 1],
    ["two", { title: "x" }, "# y\n\n# z", 0.5],
    ["three", { title: "x" }, "# y\n\n# z\n\n# a", 0],
    ["none", {}, "Text", 0],
  ],
  "heading-order": [
    ["none", {}, "Text", 1],
    ["after the title", { title: "x" }, "## a\n\n### b\n\n## c", 1],
    // Of three headings after the title's H1, the first goes from 1 to 3.
    ["a skipped level", { title: "x" }, "### a\n\n#### b\n\n## c", 2 / 3],
    ["without a title the first heading is first", {}, "### a\n\n### b", 1],
    ["two of four", { title: "x" }, "## a\n\n#### b\n\n## c\n\n##### d", 0.5],
  ],
  "section-length": [
    ["short", {}, filler(300), 1],
    ["one long section", {}, filler(301), 0],
    // 100 of 500 words stand in a section of 300 or fewer.
    ["part", {}, `${filler(100)}\n\n## A\n\n${filler(400)}`, 0.2],
    ["headings' own words are in neither sum", {}, `## ${filler(50)}\n\n${filler(300)}`, 1],
    ["any level parts", {}, `${filler(300)}\n\n###### A\n\n${filler(300)}`, 1],
    ["no text", {}, "## A", "waiting"],
  ],
  "heading-quality": [
    ["none", {}, "Text", "not-applicable"],
    ["good", {}, "## A word\n\n## Another", 1],
    ["repeated, folded", {}, "## A word\n\n## a WORD!\n\n## b\n\n## c", 0.75],
    ["empty", {}, "##\n\n## b", 0.5],
    ["seventy-one characters", {}, `## ${"a".repeat(71)}\n\n## ${"b".repeat(70)}`, 0.5],
  ],
  length: [
    ["none", {}, "", "waiting"],
    ["150", {}, filler(150), 0],
    ["425", {}, filler(425), 0.5],
    ["700", {}, filler(700), 1],
    // A median of 1,000 words: from 200 to 800.
    ["half way to the competing pages", {}, filler(500), 0.5, measured],
    ["long enough for competing pages", {}, filler(800), 1, measured],
    [
      "code and alt text do not count",
      {},
      `${filler(425)}\n\n\`\`\`\n${filler(300)}\n\`\`\`\n\n![${filler(20)}](a.jpg)`,
      0.5,
    ],
  ],
  "field-terms": [
    ["no competing pages", {}, "Text", "not-applicable"],
    ["no text", {}, "", "waiting", measured],
    ["none of them", {}, filler(100), 0, measured],
    // Of 100 words the cover is usual 1 to 2 times, the motor 2 to 4 times.
    ["one in its range", {}, `rain cover ${filler(98)}`, 4 / 5, measured],
    ["one in its range, one half way", {}, `rain cover motor ${filler(97)}`, 4.5 / 5, measured],
    ["both", {}, `Rain covers, motors and a motor. ${filler(94)}`, 1, measured],
    // 4 covers: half way from 2 to 6, which is what over-doing it earns at least.
    ["one too often", {}, `${filler(4, "rain cover.")} ${filler(92)}`, (4 * 0.5) / 5, measured],
    [
      "one far too often earns half still",
      {},
      `${filler(9, "rain cover.")} ${filler(82)}`,
      (4 * 0.5) / 5,
      measured,
    ],
    ["not across a comma", {}, `rain, cover ${filler(98)}`, 0, measured],
  ],
  "heading-topics": [
    ["no competing pages", {}, "Text", "not-applicable"],
    ["no text", {}, "", "waiting", measured],
    ["none", {}, "Text", 0, measured],
    ["the commoner of two", {}, "## What does it cost?\n\nText", 0.6, measured],
    ["the other, by another word order", {}, "## Covers for rain\n\nText", 0.4, measured],
    ["both, one by a sentence that holds all of it", {}, "## Costs\n\nA cover for the rain.", 1, measured],
    ["a subject of one word must come up twice", {}, "## One\n\nThe cost.", 0, measured],
    ["and then is covered", {}, "## One\n\nThe cost. All costs.", 0.6, measured],
    ["the rare do not count", {}, "## Rare\n\nText", 0, measured],
  ],
  "reader-questions": [
    ["no competing pages", {}, "Text", "not-applicable"],
    ["none chosen", {}, "Text", "not-applicable", measured],
    ["no text", {}, "", "waiting", questionsOf("How wide is it?")],
    [
      "a heading with words enough",
      {},
      `## How wide is a box?\n\n${filler(8)}`,
      1,
      questionsOf("How wide is the box?"),
    ],
    [
      "a heading with too few",
      {},
      `## How wide is a box?\n\n${filler(7)}`,
      0,
      questionsOf("How wide is the box?"),
    ],
    ["a sentence that holds it", {}, "The box is 65 cm wide.", 1, questionsOf("How wide is the box?")],
    [
      "one of two",
      {},
      "The box is 65 cm wide.",
      0.5,
      questionsOf("How wide is the box?", "Must I wear gloves?"),
    ],
  ],
  "has-picture": [
    ["one", {}, "![x](a.jpg)", 1],
    ["none", {}, "Text", 0],
  ],
  "alt-text": [
    ["no picture", {}, "Text", "waiting"],
    ["good", {}, "![A red bike](a.jpg)", 1],
    ["nothing between the brackets", {}, "![](a.jpg)", 0],
    ["decoration is left out", {}, '<img src="a.jpg" alt="">\n\n![A red bike](b.jpg)', 1],
    ["all decoration", {}, '<img src="a.jpg" alt="">', "not-applicable"],
    ["three characters", {}, "![Red](a.jpg)", 0],
    ["four characters", {}, "![Bike](a.jpg)", 1],
    ["125 characters", {}, `![${"a".repeat(125)}](a.jpg)`, 1],
    ["126 characters", {}, `![${"a".repeat(126)}](a.jpg)`, 0],
    ["a file name", {}, "![IMG_2041.jpg](a.jpg)", 0],
    ["says only that it is a picture", {}, "![Image of a bike](a.jpg)", 0],
    ["the keyword twice", { keyword: KW }, "![Cargo bike by cargo bike](a.jpg)", 0],
    ["half", {}, "![A red bike](a.jpg)\n\n![](b.jpg)", 0.5],
  ],
  "keyword-in-alt": [
    ["no keyword", {}, "![x](a.jpg)", "waiting"],
    ["no picture", { keyword: KW }, "Text", "waiting"],
    ["all decoration", { keyword: KW }, '<img src="a.jpg" alt="">', "not-applicable"],
    ["one of two", { keyword: KW }, "![Our cargo bike](a.jpg)\n\n![River](b.jpg)", 1],
    ["close", { keyword: KW }, "![Bike with cargo](a.jpg)", 0.8],
    ["none", { keyword: KW }, "![River](a.jpg)", 0],
    [
      "two of four",
      { keyword: KW },
      "![Cargo bike](a.jpg)\n\n![Cargo bike](b.jpg)\n\n![R](c.jpg)\n\n![S](d.jpg)",
      1,
    ],
    [
      "three of four",
      { keyword: KW },
      "![Cargo bike](a.jpg)\n\n![Cargo bike](b.jpg)\n\n![Cargo bike](c.jpg)\n\n![S](d.jpg)",
      0,
    ],
    [
      "three of three",
      { keyword: KW },
      "![Cargo bike](a.jpg)\n\n![Cargo bike](b.jpg)\n\n![Cargo bike](c.jpg)",
      1,
    ],
  ],
  "picture-names": [
    ["no picture", {}, "Text", "waiting"],
    ["words", {}, "![x](red-bike.jpg)", 1],
    ["a camera's", {}, "![x](IMG_2041.jpg)", 0],
    ["half", {}, "![x](red-bike.jpg)\n\n![x](screenshot-3.png)", 0.5],
    ["a hash", {}, "![x](9f86d081884c7d65.jpg)", 0],
  ],
  "picture-weight": [
    ["no picture", {}, "Text", "waiting"],
    ["no size known", {}, "![x](a.jpg)", "not-applicable"],
    ["embedded and light", {}, `![x](data:image/png;base64,${"A".repeat(400)})`, 1],
    // 612 KB is half way from 200 to 1,024.
    ["embedded and heavy", {}, `![x](data:image/png;base64,${"A".repeat((612 * 1024 * 4) / 3)})`, 0.5],
  ],
  "internal-links": [
    ["none", {}, "Text", 0],
    ["one of two", {}, "[a](/one)", 0.5],
    ["two", {}, "[a](/one) [b](two)", 1],
    [
      "home and self do not count",
      { slug: "own", canonical: "https://x.example/own" },
      "[a](/) [b](#c) [d](/own) [e](https://x.example/two)",
      0.5,
    ],
    // 2,000 words want four.
    ["two in 2,000 words", {}, `[a](/one) [b](/two) ${filler(1998)}`, 0.5],
    ["mail is neither", {}, "[a](mailto:a@x.example) [b](tel:1)", 0],
  ],
  "external-links": [
    ["none", {}, "[a](/one)", 0],
    ["over https", {}, "[a](https://y.example/)", 1],
    ["over http alone", {}, "[a](http://y.example/)", 0.5],
    ["own host is not external", { canonical: "https://x.example/own" }, "[a](https://www.x.example/b)", 0],
  ],
  "anchor-text": [
    ["no links", {}, "Text", "not-applicable"],
    ["good", {}, "[the parking map](/one)", 1],
    ["vague", {}, "[Click here!](/one) [read more](/two) [the map](/three)", 1 / 3],
    ["a bare address", {}, "[https://y.example/a](https://y.example/a)", 0],
    ["eleven words", {}, `[${filler(11)}](/one) [${filler(10)}](/two)`, 0.5],
    ["empty", {}, '<a href="/one"></a>\n\n[the map](/two)', 0.5],
    ["a picture's alt text", {}, "[![Parking map](a.jpg)](/map)", 1],
  ],
  "link-health": [
    ["no links", {}, "Text", "not-applicable"],
    ["good", {}, "## A place\n\n[b](#a-place) [c](/one) [d](https://y.example)", 1],
    ["empty", {}, "[a]()", 0],
    ["script", {}, "[a](javascript:alert(1))", 0],
    ["malformed", {}, "[a](https://)", 0],
    ["missing place", {}, "[a](#nowhere)", 0],
  ],
  "reading-ease": [
    ["no text", {}, "", "waiting"],
    // Ten words, fourteen syllables: 206.835 − 10.15 − 118.44 = 78.2.
    ["inside the band", {}, "The garden is open and the water is warm today.", 1],
    // Six words, seven syllables: 102.045, 22.045 over the band's end.
    ["too plain", {}, "The cat sat on the sofa.", 1 - 22.045 / 25],
    ["far too hard", {}, "Considerable administration.", 0],
    // Ten words, fourteen syllables: 180 − 10 − 81.9 = 88.1, 8.1 over.
    [
      "in German, by its own formula",
      { language: "de" },
      "Der Garten ist offen und das Wasser ist heute warm.",
      1 - 8.1 / 25,
    ],
    ["in a language without a formula", { language: "xx" }, "Das Rad ist neu.", "not-applicable"],
    // 102.045 is inside what the competing pages read like, or 7.045 over it.
    [
      "plain as the competing pages are",
      {},
      "The cat sat on the sofa.",
      1,
      { competitors: { ...competitors, ease: [70, 103] } },
    ],
    [
      "plainer than the competing pages",
      {},
      "The cat sat on the sofa.",
      1 - 7.045 / 25,
      { competitors: { ...competitors, ease: [85, 95] } },
    ],
    [
      "few competing pages",
      {},
      "The cat sat on the sofa.",
      1 - 22.045 / 25,
      { competitors: { ...competitors, pages: 4, ease: [70, 103] } },
    ],
  ],
  "sentence-length": [
    ["no text", {}, "", "waiting"],
    ["short ones", {}, "One two three. Four five six.", 1],
    ["a quarter is long", {}, `One two. Three four. Five six. Alpha ${filler(25)}.`, 1],
    // A third: (0.5 − 1/3) / 0.25.
    ["a third is long", {}, `One two. Three four. Alpha ${filler(25)}.`, 2 / 3],
    ["half is long", {}, `One two. Alpha ${filler(25)}.`, 0],
    ["25 words are not long", {}, `${filler(25)}.`, 1],
  ],
  "paragraph-length": [
    ["no paragraph", {}, "## Heading\n\n- a list", "waiting"],
    ["120 words are not long", {}, filler(120), 1],
    // A quarter: (0.5 − 0.25) / 0.4.
    ["one of four", {}, `One.\n\nTwo.\n\nThree.\n\n${filler(121)}`, 0.625],
    ["one of two", {}, `One.\n\n${filler(121)}`, 0],
  ],
  "passive-voice": [
    ["no text", {}, "", "waiting"],
    ["active", {}, "We check the brakes. You ride.", 1],
    // A quarter: (0.4 − 0.25) / 0.25.
    ["one of four, twice in one", {}, "It was checked and was fixed. We ride. You ride. They ride.", 0.6],
    ["one of two", {}, "The brakes were checked. We ride.", 0],
    ["in a language without rules", { language: "xx" }, "It was checked.", "not-applicable"],
    ["in German", { language: "de" }, "Das Rad wird geprüft. Wir fahren. Ihr fahrt. Sie fahren.", 0.6],
  ],
};

const outcome = ({ state, share }: { state: FindingState; share: number }): Outcome =>
  state === "judged" ? share : state;

describe("checks", () => {
  it("has a table for every check of the registry", () => {
    expect(Object.keys(tables).sort()).toEqual(checks.map(({ id }) => id).sort());
  });

  for (const [id, rows] of Object.entries(tables) as [CheckId, Row[]][]) {
    describe(id, () => {
      it.each(rows)("%s", (_what, meta, body, expected, context) => {
        const outcomeNow = outcome(findingOf(id, draftOf(body, meta), context));
        if (typeof expected === "number") expect(outcomeNow).toBeCloseTo(expected, 6);
        else expect(outcomeNow).toBe(expected);
      });
    });
  }
});

describe("a place at fault", () => {
  const eight = (alts: string[]) => alts.map((alt, i) => `![${alt}](${i}.jpg)`).join("\n\n");
  const sentence = (words: number) => `Alpha ${filler(words - 1)}.`;
  it.each<[CheckId, string, string]>([
    ["one-h1", "# A\n\n# B", "# A\n\n## B"],
    ["one-h1", "# A\n\n# B\n\n# C", "# A\n\n## B\n\n# C"],
    ["one-h1", "# A\n\n# B\n\n# C\n\n# D", "# A\n\n## B\n\n# C\n\n# D"],
    ["heading-order", "# A\n\n### B\n\n## C\n\n#### D", "# A\n\n## B\n\n## C\n\n#### D"],
    ["heading-quality", "## A\n\n## A\n\n## A", "## A\n\n## B\n\n## A"],
    [
      "section-length",
      `${filler(301)}\n\n## B\n\n${filler(399)}`,
      `${filler(150)}\n\n## A\n\n${filler(151)}\n\n## B\n\n${filler(399)}`,
    ],
    [
      "alt-text",
      eight(Array.from({ length: 8 }, () => "")),
      eight(["A red bike", "", "", "", "", "", "", ""]),
    ],
    ["anchor-text", "[here](/a) [here](/b) [The loaf](/c)", "[Rye](/a) [here](/b) [The loaf](/c)"],
    ["link-health", "[a]() [b](/b)", "[a](/a) [b](/b)"],
    ["link-health", "[a]() [b]()", "[a](/a) [b]()"],
    ["picture-names", "![](IMG_1.jpg) ![](IMG_2.jpg)", "![](red-bike.jpg) ![](IMG_2.jpg)"],
    [
      "sentence-length",
      `${sentence(30)} ${sentence(30)} Short one. Short two. Short three.`,
      `${sentence(20)} ${sentence(30)} Short one. Short two. Short three.`,
    ],
    [
      "paragraph-length",
      `${filler(121)}\n\n${filler(121)}${"\n\nShort.".repeat(5)}`,
      `${filler(120)}\n\n${filler(121)}${"\n\nShort.".repeat(5)}`,
    ],
  ])("of %s says what fixing it alone adds: %#", (id, before, after) => {
    const finding = findingOf(id, draftOf(before));
    const place = finding.evidence.find(({ worth }) => worth !== undefined);
    expect(place!.worth).toBeCloseTo(findingOf(id, draftOf(after)).share - finding.share, 9);
  });

  it("is no place that earns the share", () => {
    const { evidence } = findingOf("heading-topics", draftOf("## What it costs\n\nText."), measured);
    expect(evidence).toMatchObject([{ quote: "What it costs" }]);
    expect(evidence[0]!.worth).toBeUndefined();
  });
});

describe("checks that look at the site", () => {
  const site = (changes: Partial<ProofContext["site"]>): Partial<ProofContext> => ({
    site: { ...noContext.site, ...changes },
  });

  const TEN = "one two three four five six seven eight nine ten";
  it.each([
    ["the same, folded", `${TEN.toUpperCase()}!`, 0],
    ["nine of its ten words", TEN.replace("ten", "eleven"), 0.5],
    ["eight of its ten words", TEN.replace("nine ten", "eleven twelve"), 1],
    ["nothing", "", 1],
  ])("title-distinct where another post shares %s", (_what, metaTitle, share) => {
    expect(findingOf("title-distinct", draftOf("", { title: TEN }), { others: [{ metaTitle }] }).share).toBe(
      share,
    );
  });

  it.each([
    ["always", "# y", 0.5],
    ["never", "Text", 0],
    ["never", "# y", 1],
  ] as const)("one-h1 where the title is %s the H1, with %s", (titleAsH1, body, share) => {
    expect(findingOf("one-h1", draftOf(body, { title: "x" }), site({ titleAsH1 })).share).toBe(share);
  });

  it("link-health knows the paths of the site", () => {
    const paths = new Set(["/", "/journal/locks"]);
    expect(findingOf("link-health", draftOf("[a](/journal/locks/)"), site({ paths })).share).toBe(1);
    const broken = findingOf("link-health", draftOf("[the keys](/journal/keys)"), site({ paths }));
    expect(broken.share).toBe(0);
    expect(broken.evidence).toMatchObject([{ quote: "the keys" }]);
  });

  it("internal-links goes by the site's host", () => {
    const body = "[a](https://shop.example/a) [b](https://www.shop.example/b)";
    expect(findingOf("internal-links", draftOf(body), site({ host: "shop.example" })).share).toBe(1);
    expect(findingOf("external-links", draftOf(body), site({ host: "other.example" })).share).toBe(1);
  });
});

describe("HTML pages", () => {
  const page = (body: string, head = "") =>
    draftFromHtml(`<!doctype html><html lang="en"><head>${head}</head><body>${body}</body></html>`);

  it("count two H1 though one stands in a header", () => {
    const draft = page("<main><header><h1>One</h1></header><h1>Two</h1><p>Text</p></main>");
    expect(findingOf("one-h1", draft).share).toBe(0.5);
  });

  it("know fragments by the ids that stand in them, and only those", () => {
    const linked = '<p><a href="#brakes">the brakes</a></p>';
    expect(findingOf("link-health", page(`<main>${linked}<h2>Brakes</h2></main>`)).share).toBe(0);
    expect(findingOf("link-health", page(`<main>${linked}<h2 id="brakes">Stops</h2></main>`)).share).toBe(1);
    expect(findingOf("link-health", draftFromMarkdown("[the brakes](#brakes)\n\n## Brakes")).share).toBe(1);
  });

  it("take a picture without alt for undescribed, and one with an empty alt for decoration", () => {
    expect(findingOf("alt-text", page('<main><img src="a.jpg"></main>')).share).toBe(0);
    expect(findingOf("alt-text", page('<main><img src="a.jpg" alt=""></main>')).state).toBe("not-applicable");
  });
});
