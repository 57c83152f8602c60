/** All fixes, in the order in which several are made. A new fix is a file beside this one and a line here. */
import { altTexts } from "./altTexts";
import { description } from "./description";
import { extraH1 } from "./extraH1";
import type { FixRule } from "./fixRule";
import { headingLevels } from "./headingLevels";
import { longParagraphs } from "./longParagraphs";
import { longSections } from "./longSections";
import { metaTitle } from "./metaTitle";
import { ownLinks } from "./ownLinks";
import { pictureNames } from "./pictureNames";
import { secureLinks } from "./secureLinks";
import { slug } from "./slug";

export const fixRules: readonly FixRule[] = [
  extraH1,
  headingLevels,
  secureLinks,
  metaTitle,
  description,
  slug,
  // A paragraph that was split offers more places for a heading.
  longParagraphs,
  longSections,
  // A picture is named by its alt text.
  altTexts,
  pictureNames,
  ownLinks,
];
