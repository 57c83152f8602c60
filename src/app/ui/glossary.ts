/** Words of the application, each in one line: shown where a word first stands, and all together under "?". */
export const GLOSSARY = {
  desk: ["Desk", "The first screen: every post by stage, its score, and what each needs next."],
  stage: ["Stages", "Find, Plan, Write, Proof, Release: the five steps of one post, in any order you like."],
  target: ["Target keyword", "The one keyword that a post is for."],
  supporting: ["Supporting keywords", "Others that the same post can answer."],
  list: ["Keyword list", "Keywords kept together; a post has one list."],
  lookUp: ["Look-up", "Keywords found for a broad term, or imported from a file, to choose from."],
  opportunity: [
    "Opportunity",
    "0 to 100: many searches and little competition. Its formula is in the keyword's detail.",
  ],
  intent: [
    "Intent",
    "What somebody who types the keyword wants: to know, to compare, to buy, a place, a site.",
  ],
  competitors: ["Competing pages", "Pages that rank now for the target keyword, as read on a given day."],
  topic: ["Topic", "Headings of several competing pages that say the same thing."],
  term: ["Shared term", "A word or phrase that competing pages share; it has a usual range of uses."],
  gap: ["Gap", "A topic, question or term that competing pages cover and yours does not."],
  outline: ["Outline", "The post's headings, before and while it is written."],
  piece: [
    "Goals of the post",
    "Who the post is for, what it should achieve, how it should sound and how long it should be.",
  ],
  proof: ["Proof", "The check of a draft: a score from 0 to 100 and the reasons for it."],
  check: ["Check", "One criterion of the proof. It has a weight and earns a share of it."],
  finding: ["Finding", "What a check says of this draft, and what there is to gain."],
  strip: ["Weight strip", "A block for each check, as wide as its weight, filled as far as it is earned."],
  next: ["Best next step", "The finding with the most points to gain."],
  fix: ["Fix", "A change the application can make for you. You see it first, and can undo it."],
  aside: ["Set aside", "A check you overruled, with a reason: it leaves the score and stays visible."],
  profile: ["Profile", "The weights and thresholds in force. A site can have its own."],
  note: ["Margin note", "A finding beside the paragraph that it is about, with what fixing it there brings."],
  claim: ["Claim", "A sentence with a figure, a date or a superlative, which needs a source."],
  gate: ["Gate", "Something that must be right, or knowingly waived, before you publish."],
  standIn: ["Stand-in", "A small made-up service that ships with the application, for trying things out."],
  workspace: ["Workspace file", "Everything in one file: posts, keywords, pictures, settings."],
} as const satisfies Record<string, readonly [name: string, says: string]>;

export type TermId = keyof typeof GLOSSARY;

/** The meaning of a word in one line, for the title of what acts: a button holds no other button that explains it. */
export const hintOf = (id: TermId): string => GLOSSARY[id][1];
