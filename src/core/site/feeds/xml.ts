/** XML documents. */

import type { Element } from "xast";
import { toXml } from "xast-util-to-xml";

export const writeXml = (root: Element): string =>
  `<?xml version="1.0" encoding="utf-8"?>\n${toXml(root, { closeEmptyElements: true })}\n`;
