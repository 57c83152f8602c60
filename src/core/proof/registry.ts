/** All checks in the order of the weight strip. A new check is a file in checks/ and a line here. */
import type { Check } from "./check";
import { altText } from "./checks/alt-text";
import { anchorText } from "./checks/anchor-text";
import { descriptionWidth } from "./checks/description-width";
import { externalLinks } from "./checks/external-links";
import { fieldTerms } from "./checks/field-terms";
import { hasPicture } from "./checks/has-picture";
import { headingOrder } from "./checks/heading-order";
import { headingQuality } from "./checks/heading-quality";
import { headingTopics } from "./checks/heading-topics";
import { internalLinks } from "./checks/internal-links";
import { keywordInAlt } from "./checks/keyword-in-alt";
import { keywordInDescription } from "./checks/keyword-in-description";
import { keywordInH1 } from "./checks/keyword-in-h1";
import { keywordInOpening } from "./checks/keyword-in-opening";
import { keywordInSlug } from "./checks/keyword-in-slug";
import { keywordInSubheads } from "./checks/keyword-in-subheads";
import { keywordInTitle } from "./checks/keyword-in-title";
import { keywordUse } from "./checks/keyword-use";
import { length } from "./checks/length";
import { linkHealth } from "./checks/link-health";
import { oneH1 } from "./checks/one-h1";
import { paragraphLength } from "./checks/paragraph-length";
import { passiveVoice } from "./checks/passive-voice";
import { pictureNames } from "./checks/picture-names";
import { pictureWeight } from "./checks/picture-weight";
import { readerQuestions } from "./checks/reader-questions";
import { readingEase } from "./checks/reading-ease";
import { sectionLength } from "./checks/section-length";
import { sentenceLength } from "./checks/sentence-length";
import { slugForm } from "./checks/slug-form";
import { titleDistinct } from "./checks/title-distinct";
import { titleWidth } from "./checks/title-width";

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
  fieldTerms,
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
