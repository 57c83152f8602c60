/** Words of the application, each in one line: shown where a word first stands, and all together under "?". */
export const GLOSSARY = {
  desk: ["Desk", "The first screen: every post by stage, its score, and what each needs next."],
  stage: ["Stages", "Find, Plan, Write, Proof, Release: the five steps of one post, in any order you like."],
  target: ["Target keyword", "The one keyword that a post is for."],
  supporting: ["Supporting keywords", "Others that the same post can answer."],
  list: ["Keyword list", "Keywords kept together; a post has one list."],
  lookUp: ["Look-up", "Keywords found for a broad word, or brought in from a file, to choose from."],
  opportunity: [
    "Opportunity",
    "0 to 100: many searches and little competition. Its formula is in the keyword's detail.",
  ],
  intent: [
    "Intent",
    "What somebody who types the keyword wants: to know, to compare, to buy, a place, a site.",
  ],
  field: ["Field", "The competing pages: those that rank now for the target keyword, as read on a day."],
  topic: ["Topic", "Headings of several competing pages that say the same thing."],
  term: ["Term", "A word or phrase that competing pages share; it has a usual range of uses."],
  gap: ["Gap", "A topic, question or term that competing pages cover and yours does not."],
  outline: ["Outline", "The post's headings, before and while it is written."],
  piece: [
    "Terms of the piece",
    "Who the post is for, what it is to do, how it is to sound and how long it is.",
  ],
  proof: ["Proof", "The check of a draft: a score from 0 to 100, and what it is made of."],
  check: ["Check", "One thing that the proof looks at. It has a weight and earns a part of it."],
  finding: ["Finding", "What a check says of this draft, and what there is to gain."],
  strip: ["Weight strip", "A block for each check, as wide as its weight, filled as far as it is earned."],
  worth: ["Worth most next", "The finding with most points to gain."],
  fix: ["Fix", "A change that the application can make itself. You see it first, and can undo it."],
  aside: ["Set aside", "A check overruled with a reason: it leaves the score and stays in sight."],
  profile: ["Profile", "The weights and limits in force. A site may have its own."],
  note: ["Margin note", "A finding beside the paragraph that it is about, with what fixing it there brings."],
  claim: ["Claim", "A sentence with a figure, a date or a superlative, which wants a source."],
  gate: ["Gate", "Something to get right, or to waive knowingly, before a post goes out."],
  standIn: ["Stand-in", "A small made-up service that ships with the application, for trying things out."],
  workspace: ["Workspace file", "Everything in one file: posts, keywords, pictures, settings."],
} as const satisfies Record<string, readonly [name: string, says: string]>;

export type TermId = keyof typeof GLOSSARY;

/** The meaning of a word in one line, for the title of what acts: a button holds no other button that explains it. */
export const hintOf = (id: TermId): string => GLOSSARY[id][1];
