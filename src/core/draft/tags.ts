/** Tags of HTML source, for what is asked of the source itself before anything parses it. */

/** Whole match, "/" of an end tag, name, "/" of one that ends itself. */
export const TAG = /<(\/?)([a-z][a-z0-9-]*)[^<>]*?(\/?)>/gi;
/** Elements without content (HTML Standard, 13.1.2). */
export const VOID = new Set("area base br col embed hr img input link meta source track wbr".split(" "));
/** Elements that end by themselves, or whose end tag may be left out (HTML standard, 13.1.2). */
export const UNENDED = new Set(
  "area base br col embed hr img input link meta source track wbr p li dt dd tr td th thead tbody tfoot option optgroup colgroup rp rt html head body caption".split(
    " ",
  ),
);
