/** All checks in the order of the weight strip. A new check is a file in checks/ and a line here. */
import type { Check } from "./check";
import { altText } from "./checks/altText";
import { anchorText } from "./checks/anchorText";
import { descriptionWidth } from "./checks/descriptionWidth";
import { externalLinks } from "./checks/externalLinks";
import { hasPicture } from "./checks/hasPicture";
import { headingOrder } from "./checks/headingOrder";
import { headingQuality } from "./checks/headingQuality";
import { headingTopics } from "./checks/headingTopics";
import { internalLinks } from "./checks/internalLinks";
import { keywordInAlt } from "./checks/keywordInAlt";
import { keywordInDescription } from "./checks/keywordInDescription";
import { keywordInH1 } from "./checks/keywordInH1";
import { keywordInOpening } from "./checks/keywordInOpening";
import { keywordInSlug } from "./checks/keywordInSlug";
import { keywordInSubheads } from "./checks/keywordInSubheads";
import { keywordInTitle } from "./checks/keywordInTitle";
import { keywordUse } from "./checks/keywordUse";
import { length } from "./checks/length";
import { linkHealth } from "./checks/linkHealth";
import { oneH1 } from "./checks/oneH1";
import { paragraphLength } from "./checks/paragraphLength";
import { passiveVoice } from "./checks/passiveVoice";
import { pictureNames } from "./checks/pictureNames";
import { pictureWeight } from "./checks/pictureWeight";
import { readerQuestions } from "./checks/readerQuestions";
import { readingEase } from "./checks/readingEase";
import { sectionLength } from "./checks/sectionLength";
import { sentenceLength } from "./checks/sentenceLength";
import { sharedTerms } from "./checks/sharedTerms";
import { slugForm } from "./checks/slugForm";
import { titleDistinct } from "./checks/titleDistinct";
import { titleWidth } from "./checks/titleWidth";

const registered = [
  keywordInTitle,
  keywordInH1,
  keywordInOpening,
  keywordInSubheads,
  keywordUse,
  keywordInSlug,
  titleWidth,
  descriptionWidth,
  keywordInDescription,
  slugForm,
  titleDistinct,
  oneH1,
  headingOrder,
  sectionLength,
  headingQuality,
  length,
  sharedTerms,
  headingTopics,
  readerQuestions,
  hasPicture,
  altText,
  keywordInAlt,
  pictureNames,
  pictureWeight,
  internalLinks,
  externalLinks,
  anchorText,
  linkHealth,
  readingEase,
  sentenceLength,
  paragraphLength,
  passiveVoice,
] as const;

export type RegisteredCheck = (typeof registered)[number];

export const checks: readonly Check<CheckId>[] = registered;

export type CheckId = RegisteredCheck["id"];
