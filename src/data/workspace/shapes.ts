/** What a workspace file holds. Fields that came later are optional: files from before are read as they are. */
import { type Static, Unsafe } from "@sinclair/typebox";
import { guidedStartShape } from "../../core/apprentice/guidedStart";
import * as is from "../../core/declare";
import { keywordListShape, keywordShape, sourcedKeywordShape } from "../../core/keywords/shapes";
import { MEDIA_TYPES } from "../../core/media/mediaTypes";
import type { Profile } from "../../core/proof/profile";
import type { Article } from "../schemas/search";
import {
  blogConnectionShape,
  bodyShape,
  competitorsShape,
  drawerShape,
  ideaShape,
  liveCopyShape,
  lookUpShape,
  outlineShape,
  postShape,
  recordingShape,
  redirectShape,
  reviewShape,
  searchConnectionShape,
  siteShape,
  versionBodyShape,
  versionShape,
  writerConnectionShape,
} from "../shapes";
import { FORMAT, VERSION } from "./format";

/** A file as it lies in the zip. */
const assetShape = (folder: string) =>
  is.shape({
    id: is.id(),
    fileName: is.someText(1000),
    type: is.oneOf(MEDIA_TYPES.map(({ type }) => type)),
    width: is.numberOrNull({ minimum: 0 }),
    height: is.numberOrNull({ minimum: 0 }),
    /** Its path in the zip. */
    file: is.textLike(`^${folder}/[^/\\\\]+$`),
  });
const pictureShape = assetShape("pictures");
export type PackedAsset = Static<typeof pictureShape>;

export const workspaceShape = is.shape({
  format: is.exactly(FORMAT),
  version: is.oneOf([1, 2, VERSION]),
  savedAt: is.optional(is.text()),
  site: siteShape,
  /** Where the site is scored by a profile of its own. */
  profile: is.optional(Unsafe<Profile>({ $ref: "profile.schema.json" })),
  posts: is.list(postShape),
  bodies: is.list(bodyShape),
  outlines: is.list(outlineShape),
  /** Files from before there were look-ups have one flat list of keywords. */
  keywords: is.list(keywordShape),
  /** Left out in files from before there were lists: every post then gets one. */
  lists: is.optional(is.list(keywordListShape)),
  lookUps: is.optional(is.list(lookUpShape)),
  ideas: is.optional(is.list(ideaShape)),
  search: is.optional(searchConnectionShape),
  blog: is.optional(blogConnectionShape),
  writer: is.optional(writerConnectionShape),
  starts: is.optional(is.list(guidedStartShape)),
  hidden: is.optional(is.list(is.text())),
  /** What was collected of competing pages, by its older name. */
  fields: is.optional(is.list(competitorsShape)),
  drawer: is.optional(is.list(drawerShape)),
  versions: is.optional(is.list(versionShape)),
  versionBodies: is.optional(is.list(versionBodyShape)),
  recordings: is.optional(is.list(recordingShape)),
  redirects: is.optional(is.list(redirectShape)),
  liveCopies: is.optional(is.list(liveCopyShape)),
  reviews: is.optional(is.list(reviewShape)),
  assets: is.list(pictureShape),
  /** What pictures were made of; in copies that stay in this browser only. */
  originals: is.optional(is.list(is.shape({ assetId: is.id(), asset: assetShape("originals") }))),
});
export type WorkspaceFile = Static<typeof workspaceShape>;

/** What a look-up holds, in a file of its own. */
export const lookUpFileShape = is.shape({
  keywords: is.list(sourcedKeywordShape),
  articles: is.list(Unsafe<Article>({ $ref: "search.schema.json#/definitions/article" })),
});
export type LookUpFile = Static<typeof lookUpFileShape>;
