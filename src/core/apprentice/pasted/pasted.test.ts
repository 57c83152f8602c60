import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { languagePack } from "../../text/language";
import type { Form } from "../form";
import { ideaForm } from "../forms/idea";
import { listForm } from "../forms/list";
import { metaForm } from "../forms/meta";
import { newsletterForm } from "../forms/newsletter";
import { outlineForm } from "../forms/outline";
import { postsForm, threadForm } from "../forms/posts";
import { proseForm } from "../forms/prose";
import { titleForm } from "../forms/title";

const pack = languagePack("en");
const values = (form: Form, pasted: string): unknown[] | string => {
  const read = form.parse(pasted, pack);
  return Array.isArray(read) ? read.map((parts) => form.value(parts)) : read.refused;
};
const titles = (...all: string[]) => all.map((title) => ({ title }));
const items = (...all: [2 | 3, string, string?][]) => [
  { items: all.map(([level, text, note = ""]) => ({ level, text, note })) },
];

/** Answers as assistants give them: what is pasted, and what is read of it. */
const SHAPES: readonly [name: string, Form, pasted: string, read: unknown[]][] = [
  [
    "a line each",
    titleForm,
    "Locks that hold\nHow to lock a bike",
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "numbered, with chatter around",
    titleForm,
    "Sure! Here are two titles:\n\n1. Locks that hold\n2. How to lock a bike\n\nLet me know if you'd like more!",
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "numbered with brackets",
    titleForm,
    "1) Locks that hold\n2) How to lock a bike",
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "bold and quoted",
    titleForm,
    '- **"Locks that hold"**\n- **"How to lock a bike"**',
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "curly quotes",
    titleForm,
    "1. “Locks that hold”\n2. “How to lock a bike”",
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "labelled options",
    titleForm,
    "Option 1: Locks that hold\nOption 2: How to lock a bike",
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "with lengths behind",
    titleForm,
    "1. Locks that hold (15 characters)\n2. How to lock a bike (18 characters)",
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "JSON list",
    titleForm,
    '["Locks that hold", "How to lock a bike"]',
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "JSON in a fence in prose",
    titleForm,
    'Here you go:\n```json\n{"titles": ["Locks that hold", "How to lock a bike"]}\n```\nHope this helps!',
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "JSON with a comma too many",
    titleForm,
    '["Locks that hold", "How to lock a bike",]',
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "JSON cut off",
    titleForm,
    '{"titles": ["Locks that hold", "How to lock a bike", "What a lo',
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "JSON objects",
    titleForm,
    '[{"title":"Locks that hold","score":9},{"title":"How to lock a bike"}]',
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "headings",
    titleForm,
    "## Locks that hold\n## How to lock a bike",
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "Windows line ends and a rule",
    titleForm,
    "1. Locks that hold\r\n2. How to lock a bike\r\n---\r\n",
    titles("Locks that hold", "How to lock a bike"),
  ],
  [
    "two lines an idea",
    ideaForm,
    "Locks that hold\nA test of eight locks.\n\nWhere to park\nA map of racks.",
    [
      { title: "Locks that hold", sentence: "A test of eight locks." },
      { title: "Where to park", sentence: "A map of racks." },
    ],
  ],
  [
    "bold title and sentence in a line",
    ideaForm,
    "1. **Locks that hold**: A test of eight locks.\n2. **Where to park** – A map of racks.",
    [
      { title: "Locks that hold", sentence: "A test of eight locks." },
      { title: "Where to park", sentence: "A map of racks." },
    ],
  ],
  [
    "sentence below its number",
    ideaForm,
    "1. Locks that hold\n   - A test of eight locks.\n2. Where to park\n   - A map of racks.",
    [
      { title: "Locks that hold", sentence: "A test of eight locks." },
      { title: "Where to park", sentence: "A map of racks." },
    ],
  ],
  [
    "ideas in JSON",
    ideaForm,
    '{"ideas":[{"idea":"Locks that hold","description":"A test."}]}',
    [{ title: "Locks that hold", sentence: "A test." }],
  ],
  [
    "labelled meta",
    metaForm,
    "Title: Locks that hold\nDescription: A test of eight locks.",
    [{ title: "Locks that hold", description: "A test of eight locks." }],
  ],
  [
    "bold labels with counts",
    metaForm,
    "**Meta Title (42 characters):** Locks that hold\n\n**Meta Description (110):** A test of eight locks.",
    [{ title: "Locks that hold", description: "A test of eight locks." }],
  ],
  [
    "label above its text",
    metaForm,
    "### Meta title\nLocks that hold\n\n### Meta description\nA test of eight locks.",
    [{ title: "Locks that hold", description: "A test of eight locks." }],
  ],
  [
    "two versions",
    metaForm,
    "Title: Locks that hold\nDescription: A test.\n\nTitle: Where to park\nDescription: A map.",
    [
      { title: "Locks that hold", description: "A test." },
      { title: "Where to park", description: "A map." },
    ],
  ],
  [
    "two bare lines",
    metaForm,
    "Locks that hold\nA test of eight locks.",
    [{ title: "Locks that hold", description: "A test of eight locks." }],
  ],
  [
    "meta in JSON",
    metaForm,
    'Certainly!\n{"meta_title":"Locks that hold","meta_description":"A test."}',
    [{ title: "Locks that hold", description: "A test." }],
  ],
  [
    "Markdown outline",
    outlineForm,
    "# Locks\n\n## Kinds\nName four.\n### Chains\n## Costs",
    items([2, "Kinds", "Name four."], [3, "Chains"], [2, "Costs"]),
  ],
  [
    "outline with bold headings",
    outlineForm,
    "**Kinds**\n- Chains\n- U-locks\n\n**Costs**",
    items([2, "Kinds"], [3, "Chains"], [3, "U-locks"], [2, "Costs"]),
  ],
  [
    "indented outline",
    outlineForm,
    "1. Kinds\n   1.1 Chains\n2. Costs",
    items([2, "Kinds"], [3, "Chains"], [2, "Costs"]),
  ],
  [
    "Roman numbers",
    outlineForm,
    "I. Kinds\n  A. Chains\nII. Costs",
    items([2, "Kinds"], [3, "Chains"], [2, "Costs"]),
  ],
  [
    "outline in JSON",
    outlineForm,
    '{"title":"Locks","sections":[{"heading":"Kinds","note":"Name four.","subheadings":["Chains"]},{"heading":"Costs"}]}',
    items([2, "Kinds", "Name four."], [3, "Chains"], [2, "Costs"]),
  ],
  [
    "prose in a fence",
    proseForm,
    "```\nA lock holds. It must be locked.\n```",
    [{ text: "A lock holds. It must be locked." }],
  ],
  [
    "prose with chatter",
    proseForm,
    "Sure, here's a draft of the section:\n\nA lock holds. It must be locked.\n\nWould you like me to make it shorter?",
    [{ text: "A lock holds. It must be locked." }],
  ],
  [
    "prose with a list and marks",
    proseForm,
    "A **lock** holds [well](https://x.example).\n\n- Chains\n- `U-locks`",
    [{ text: "A lock holds well.\n\n- Chains\n- U-locks" }],
  ],
  [
    "prose in JSON",
    proseForm,
    '{"text":"A lock holds.\\n\\nLock it."}',
    [{ text: "A lock holds.\n\nLock it." }],
  ],
  ["a list with stars", listForm, "* Chains\n* U-locks", [{ entries: ["Chains", "U-locks"] }]],
  [
    "a list behind a sentence",
    listForm,
    "Here are the takeaways:\n• Chains hold\n• U-locks hold better",
    [{ entries: ["Chains hold", "U-locks hold better"] }],
  ],
  [
    "a thread with slashes",
    threadForm,
    "1/3 Locks hold.\n\n2/3 Lock them.\n\n3/3 Read on.",
    [{ posts: ["Locks hold.", "Lock them.", "Read on."] }],
  ],
  [
    "a thread with labels",
    threadForm,
    "**Tweet 1:** Locks hold.\n\n**Tweet 2:** Lock them.",
    [{ posts: ["Locks hold.", "Lock them."] }],
  ],
  [
    "a thread over several lines",
    threadForm,
    "1/ Locks hold.\nAll night.\n\n2/ Lock them.",
    [{ posts: ["Locks hold. All night.", "Lock them."] }],
  ],
  [
    "posts as paragraphs",
    postsForm,
    "Locks hold all night.\n\nLock them twice.",
    [{ posts: ["Locks hold all night.", "Lock them twice."] }],
  ],
  [
    "a newsletter",
    newsletterForm,
    "Subject: Locks that hold\nPreview: Eight tested\n\nText: Hello. Here they are.",
    [{ subject: "Locks that hold", preview: "Eight tested", text: "Hello. Here they are." }],
  ],
  [
    "a newsletter without a label for its text",
    newsletterForm,
    "**Subject line:** Locks that hold\n**Preview text:** Eight tested\n\nHello. Here they are.",
    [{ subject: "Locks that hold", preview: "Eight tested", text: "Hello. Here they are." }],
  ],
  [
    "a newsletter in JSON",
    newsletterForm,
    '{"subject":"Locks","preheader":"Eight","body":"Hello."}',
    [{ subject: "Locks", preview: "Eight", text: "Hello." }],
  ],
];

describe("a pasted answer", () => {
  it.each(SHAPES)("%s", (_name, form, pasted, read) => expect(values(form, pasted)).toEqual(read));

  it.each<[string, Form, string, RegExp]>([
    ["nothing", titleForm, "  \n\n", /nothing to read/],
    ["a refusal", proseForm, "I'm sorry, but I can't help with that.", /will not or cannot/],
    ["chatter alone", titleForm, "Sure! Here are some titles:", /No title was seen/],
    ["no description", metaForm, "Title: Locks that hold", /No title and description/],
    ["no subject", newsletterForm, "Hello there.", /No subject and text/],
    ["too much of it", titleForm, "a".repeat(400_001), /more than an answer/],
  ])("with %s is refused with a reason", (_name, form, pasted, why) =>
    expect(values(form, pasted)).toMatch(why),
  );

  it("of anything is read or refused, in no time", () => {
    const forms = [
      titleForm,
      ideaForm,
      metaForm,
      outlineForm,
      proseForm,
      listForm,
      threadForm,
      postsForm,
      newsletterForm,
    ];
    const pieces = fc.array(
      fc.constantFrom(
        "```",
        "\n",
        "1. ",
        "**",
        "{",
        "[",
        '"',
        "}",
        "]",
        "# ",
        "- ",
        "Title: ",
        "a word ",
        "<b>",
        "\u0000",
        "1/3 ",
        ": ",
        "…",
      ),
      { maxLength: 60 },
    );
    fc.assert(
      fc.property(pieces, fc.constantFrom(...forms), (all, form) => {
        const read = form.parse(all.join(""), pack);
        if (!Array.isArray(read)) expect(read.refused.length).toBeGreaterThan(10);
        else
          for (const parts of read) {
            expect(parts.length).toBeGreaterThan(0);
            for (const { text } of parts) expect(text).toMatch(/[\p{L}\p{N}]/u);
          }
      }),
      { numRuns: 400 },
    );
  });

  it.each([
    "[".repeat(20_000),
    '{"a":'.repeat(20_000),
    "**".repeat(20_000),
    "- ".repeat(20_000),
    `${"(".repeat(20_000)}x`,
    "```\n".repeat(10_000),
  ])("made to be read for ever ends soon", (pasted) => {
    for (const form of [titleForm, outlineForm, proseForm, newsletterForm]) {
      const read = form.parse(pasted, pack);
      expect(Array.isArray(read) || read.refused).toBeTruthy();
    }
  });
});
