/** What the database and the workspace file keep, declared once: types, and the schemas that files are checked against. */
import { type Static, Unsafe } from "@sinclair/typebox";
import { type SuggestionEntry, suggestionShape } from "../core/apprentice/entry";
import type { EditorDoc } from "../core/blocks/editorJson";
import { measureShape } from "../core/competitors/measure";
import * as is from "../core/declare";
import type { Entry } from "../core/micropub/entry";
import { assembled, outlineItemShape, pieceShape } from "../core/outline/shapes";
import { GATE_LEVELS, type GateLevel } from "../core/release/gates/gate";
import { reviewAnswerShape } from "../core/review/shapes";
import {
  ADDRESS_PATTERNS,
  authorShape,
  COMMENTS,
  categoryShape,
  LEAD_WIDTHS,
  leadPictureShape,
  listPagesShape,
  locationShape,
  postCommentsShape,
  redirectShape,
  sitePageShape,
} from "../core/site/shapes";
import { STATUSES } from "../core/site/status";
import { spokenShape } from "../core/transcript/spoken";
import { voiceShape } from "../core/voice/shapes";
import { STAGE_IDS, type Stage } from "./stages";

/** A document of the editor: what is in it is made sound when it is read (core/draft/sound). */
const doc = () =>
  Unsafe<EditorDoc>({
    type: "object",
    required: ["type", "content"],
    properties: { type: { const: "doc" }, content: { type: "array" } },
  });

export const siteShape = is.shape({
  id: is.id(),
  name: is.text(),
  blogName: is.text(),
  /** Scheme and host, no slash at the end. */
  origin: is.textLike("^https?://[^/]+$"),
  /** Path before every post's slug, slashes at both ends. */
  basePath: is.textLike("^/"),
  titleSuffix: is.text(),
  titleAsH1: is.oneOf(["auto", "always", "never"]),
  language: is.text(),
  authors: is.list(authorShape),
  categories: is.list(categoryShape),
  /** The site's pages that are no posts. */
  pages: is.list(sitePageShape),
  addressPattern: is.oneOf(ADDRESS_PATTERNS),
  /** IANA name of the time zone that days and minutes of the site are of. */
  timeZone: is.text(100),
  listPages: listPagesShape,
  /** What pages without a picture of their own are shared with, as documents name pictures. */
  socialPicture: is.optional(is.text(20_000)),
  /** Whether readers may comment on posts that say nothing else; "open" where absent. */
  comments: is.optional(is.oneOf(COMMENTS)),
  /** What gates do that are not as they come, by id. */
  gates: is.optional(
    Unsafe<Record<string, GateLevel>>({ type: "object", additionalProperties: { enum: [...GATE_LEVELS] } }),
  ),
  /** The score that the gate of that name asks for. */
  leastScore: is.optional(is.number({ minimum: 0, maximum: 100 })),
  /** The made-up site that ships with the application, to look around in. */
  demo: is.onlyTrue(),
  /** Per cent of shared keywords above which two lists are said to overlap. */
  overlapLimit: is.optional(is.number({ minimum: 0, maximum: 100 })),
  /** What holds for every post that says nothing else of itself. */
  piece: is.optional(pieceShape),
  /** Checks overruled for every post, with the reason. */
  setAside: is.optional(is.texts()),
  /** What the firm does and sells, in a few lines: the apprentice draws on it. */
  about: is.optional(is.text(20_000)),
  voices: is.optional(is.list(voiceShape, 100)),
  /** Id of the voice of posts that name no other; none where absent or empty. */
  voice: is.optional(is.text(100)),
});
export type Site = Static<typeof siteShape>;

const tryShape = is.shape({
  id: is.text(),
  title: is.text(),
  metaTitle: is.text(),
  description: is.text(),
  slug: is.text(),
});
/** Fields of a post that were tried without touching it. */
export type Try = Static<typeof tryShape>;

/** "next": the nearest of the competitors' average, their best and the next ten. */
export type Aim = "next" | "average" | "best" | number;

export const postShape = is.shape({
  id: is.id(),
  stage: Unsafe<Stage>(is.oneOf(STAGE_IDS)),
  title: is.text(),
  metaTitle: is.text(),
  description: is.text(),
  slug: is.text(),
  /** Set where the post's address is not the one made from its slug. */
  canonical: is.text(),
  language: is.text(),
  keyword: is.text(),
  supporting: is.list(is.text()),
  tags: is.list(is.text()),
  /** Ids of its categories; the first is its primary one. */
  categories: is.list(is.text(100)),
  author: is.text(),
  /** ISO date of publication, or empty. */
  date: is.text(),
  /** ISO date, or empty. */
  due: is.text(),
  /** The picture that a shared link shows, as the document names pictures; the lead picture where absent or empty. */
  socialPicture: is.optional(is.text(20_000)),
  /** For list pages; made of the meta description or the text where absent or empty. */
  excerpt: is.optional(is.text(20_000)),
  /** The picture on top of the page and on its card; the first of the text, which stays where it is, where absent. */
  leadPicture: is.optional(is.orNull(leadPictureShape)),
  /** As wide as the page, as its text, or not shown; as the text where absent. */
  leadWidth: is.optional(is.oneOf(LEAD_WIDTHS)),
  location: is.optional(locationShape),
  comments: is.optional(postCommentsShape),
  /** Mailed to the blog's subscribers when it goes live. */
  mailed: is.optional(is.flag()),
  /** Places that the blog copies its excerpt to, by their ids. */
  syndicateTo: is.optional(is.list(is.text(4000), 100)),
  /** Whole addresses of copies elsewhere. */
  syndicated: is.optional(is.list(is.text(4000), 1000)),
  /** Id of the post that this is a translation of; empty for none. */
  translationOf: is.optional(is.text(100)),
  /** When a scheduled post goes live (ISO, with its zone). */
  publishAt: is.optional(is.text(100)),
  status: is.oneOf(STATUSES),
  /** Of a live post, the slug that readers know, where it has another one by now and nobody has decided on a redirect. */
  liveSlug: is.optional(is.text()),
  /** Checks overruled, with the reason. */
  setAside: is.texts(),
  /** The post that it was copied from. */
  copiedFrom: is.optional(is.text(100)),
  /** What a copy may keep of its source, by leftover. */
  acceptedLeftovers: is.optional(is.list(is.text(100_000))),
  /** Claims that stand without a source, by what they say. */
  acceptedClaims: is.optional(is.list(is.text(100_000))),
  /** Texts that a fix or the apprentice wrote and nobody has looked at yet. */
  begun: is.optional(is.list(is.text())),
  /** Id of its voice; the site's where absent or empty. */
  voice: is.optional(is.text(100)),
  /** The score to reach in Proof; what is next in reach where absent. */
  aim: is.optional(
    Unsafe<Aim>(is.either([is.oneOf(["next", "average", "best"]), is.number({ minimum: 0, maximum: 100 })])),
  ),
  /** Titles, descriptions and slugs that were tried and are kept. */
  tries: is.optional(is.list(tryShape)),
  createdAt: is.text(),
  updatedAt: is.text(),
});
/** A post as lists show it. */
export type Post = Static<typeof postShape>;

export const bodyShape = is.shape({ postId: is.id(), doc: doc() });
export type Body = Static<typeof bodyShape>;

export const outlineShape = is.shape({
  postId: is.id(),
  items: is.list(outlineItemShape),
  /** The goals of the post, where anybody has said any. */
  piece: is.optional(pieceShape),
});
export type Outline = Static<typeof outlineShape>;

export const versionShape = is.shape({
  id: is.id(),
  postId: is.id(),
  savedAt: is.text(200),
  /** Given by a person; empty where it was kept by itself. */
  name: is.text(1000),
  /** Why it was kept. */
  why: is.text(1000),
  words: is.whole(),
  /** Null where it was not known. */
  score: is.numberOrNull({ minimum: 0, maximum: 100 }),
  /** Fields that go back with a version. The address is none of them: it is changed on purpose or not at all. */
  fields: is.shape({ title: is.text(), metaTitle: is.text(), description: is.text() }),
});
/** A state of a post that was kept, as lists show it. */
export type PostVersion = Static<typeof versionShape>;
export type VersionFields = PostVersion["fields"];

export const versionBodyShape = is.shape({ versionId: is.id(), doc: doc() });
export type VersionBody = Static<typeof versionBodyShape>;

export const recordingShape = is.shape({
  postId: is.id(),
  fileName: is.text(1000),
  /** Address of the video; empty for none. */
  video: is.text(10_000),
  sentences: is.list(spokenShape),
});
/** What was said, where a post began as a recording: its own words are measured against it. */
export type Recording = Static<typeof recordingShape>;

export type { Redirect } from "../core/site/shapes";
export { redirectShape };

/** An h-entry as it was sent (core/micropub/entry). */
const entry = () =>
  Unsafe<Entry>({
    type: "object",
    required: ["type", "properties"],
    properties: {
      type: { type: "array", items: { const: "h-entry" }, minItems: 1, maxItems: 1 },
      properties: { type: "object", additionalProperties: { type: "array" } },
    },
  });

export const liveCopyShape = is.shape({
  postId: is.id(),
  /** The connection that it was sent by. */
  connection: is.text(200),
  /** Where it is: a whole address, or a path on the stand-in, whose port may change. */
  address: is.text(10_000),
  /** When it was sent (ISO). */
  sentAt: is.text(100),
  /** What was sent, with pictures as the blog has them. */
  entry: entry(),
  /** The same as the blog gives it back, where that is another. */
  there: is.optional(entry()),
  doc: doc(),
  /** Where the blog has pictures, by what the document calls them. */
  media: is.texts(10_000),
});
/** What readers have of a post: what was sent last. */
export type LiveCopy = Static<typeof liveCopyShape>;

const sourceShape = is.shape({
  address: is.text(),
  site: is.text(),
  title: is.text(),
  /** Its place in the ranking, from 0. */
  rank: is.number({ minimum: 0 }),
  standIn: is.flag(),
  state: is.oneOf(["kept", "dropped", "failed"]),
  /** Why it was dropped, or could not be read. */
  why: is.text(),
});
/** A competing page as lists show it. */
export type CompetitorSource = Static<typeof sourceShape>;

export const competitorsShape = is.shape({
  id: is.fileId(),
  postId: is.id(),
  keyword: is.text(),
  language: is.text(200),
  regionName: is.text(2000),
  /** Where its pages come from, in words. */
  source: is.text(),
  standIn: is.flag(),
  collectedAt: is.text(200),
  pages: is.list(sourceShape, 200),
  /** Both of the pages that are kept; made anew whenever that changes. */
  measure: is.orNull(is.named("measure", measureShape)),
  benchmark: is.orNull(
    is.shape({
      /** Mean score of the first ten pages, in the order in which they rank. */
      average: is.number({ minimum: 0, maximum: 100 }),
      best: is.number({ minimum: 0, maximum: 100 }),
    }),
  ),
});
/** Pages that were collected for a post, and what the score needs of them. It stays as it was: collecting again makes another. */
export type Competitors = Static<typeof competitorsShape>;

const keptOutlineShape = is.shape({
  id: is.id(),
  kind: is.exactly("outline"),
  postId: is.id(),
  createdAt: is.text(200),
  ...assembled,
});
/** An outline that was assembled from the competing pages. */
export type KeptOutline = Static<typeof keptOutlineShape>;
export type { SuggestionEntry };

/** What was generated and is kept to be taken later. */
export const drawerShape = is.either([keptOutlineShape, suggestionShape]);
export type DrawerEntry = KeptOutline | SuggestionEntry;

export const lookUpShape = is.shape({
  id: is.fileId(),
  kind: is.oneOf(["search", "file"]),
  /** What was looked up; names of files for a file. */
  seeds: is.list(is.text()),
  /** Code and name of the region; empty where unknown. */
  region: is.text(),
  regionName: is.text(),
  language: is.text(),
  /** Who answered, in words. */
  source: is.text(),
  standIn: is.flag(),
  count: is.whole(),
  madeAt: is.text(),
  openedAt: is.text(),
});
/** A look-up: what was asked, of whom, and when. Its keywords are apart, in LookUpBody. */
export type LookUp = Static<typeof lookUpShape>;

export const ideaShape = is.shape({
  id: is.id(),
  title: is.text(),
  sentence: is.text(),
  keywords: is.list(is.text()),
  /** Where it came from, in words. */
  from: is.text(),
  /** The post that was made of it, or null. */
  postId: is.textOrNull(100),
  createdAt: is.text(),
});
/** An idea for a post. */
export type Idea = Static<typeof ideaShape>;

export const searchConnectionShape = is.shape({
  kind: is.oneOf(["stand-in", "address"]),
  address: is.text(),
  /** Trouble asked of the stand-in: milliseconds before each answer, and the share of answers that fail, 0 to 1. */
  delay: is.number({ minimum: 0 }),
  errorRate: is.number({ minimum: 0, maximum: 1 }),
});
/** Where the search service is reached. */
export type SearchConnection = Static<typeof searchConnectionShape>;

export const blogConnectionShape = is.shape({
  id: is.id(),
  kind: is.oneOf(["stand-in", "micropub"]),
  name: is.text(2000),
  /** Of the blog, or of its endpoint; empty for the stand-in. */
  address: is.text(10_000),
  /** Trouble asked of the stand-in: milliseconds before each answer, and the share of answers that fail, 0 to 1. */
  delay: is.number({ minimum: 0 }),
  errorRate: is.number({ minimum: 0, maximum: 1 }),
});
/** Where a blog is reached. Its token is apart: it never leaves this browser. */
export type BlogConnection = Static<typeof blogConnectionShape>;

export const writerConnectionShape = is.shape({
  kind: is.oneOf(["stand-in", "connected", "by-hand"]),
  /** Of a service that speaks chat completions, up to its version: "http://127.0.0.1:8080/v1". */
  address: is.text(10_000),
  /** Which of its models is asked. */
  model: is.text(500),
});
/** Who writes for the apprentice. The key of a connected one is apart: it never leaves this browser. */
export type WriterConnection = Static<typeof writerConnectionShape>;

export const reviewShape = is.shape({
  id: is.id(),
  postId: is.id(),
  askedAt: is.text(100),
  /** Of what was asked about. */
  hash: is.text(200),
  /** The text as it was then. */
  doc: doc(),
  /** What came back; null while nothing has. */
  answer: is.orNull(reviewAnswerShape),
  /** Ids of comments that are resolved. */
  resolved: is.list(is.id()),
  /** Answers to comments, by their ids. */
  replies: is.texts(20_000),
});
/** Somebody was asked to look at a post, and what they said. */
export type Review = Static<typeof reviewShape>;
