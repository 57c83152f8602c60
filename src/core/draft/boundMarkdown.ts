/**
 * Markdown that nobody writes and a parser would sit over for minutes: its time grows with the square of what is opened in one block.
 * A block beyond any real text keeps its signs, which mean nothing there.
 */

/** So many equal signs in a row mean nothing in CommonMark, and so many openings in one block have never been read by anybody. */
const MOST_SIGNS = 100;
const MOST_OPENINGS = 1000;

const FENCE = /^ {0,3}(`{3,}|~{3,})/;
const LONG_RUN = new RegExp(`([*_~])\\1{${MOST_SIGNS}}`);
const OPENING = /\[|[*_~]+|<(?=[a-z/!?])/gi;

const isBeyond = (text: string): boolean =>
  LONG_RUN.test(text) || (text.match(OPENING)?.length ?? 0) > MOST_OPENINGS;

/** @returns the same text where nothing is beyond the bounds */
export function boundMarkdown(text: string): string {
  // A look that costs next to nothing spares every real text the rest.
  if (!isBeyond(text)) return text;
  const out: string[] = [];
  let block: string[] = [];
  let fence: string | null = null;
  const end = () => {
    const whole = block.join("\n");
    // As a block of HTML, which is read in one go and ends with the next empty line (CommonMark 0.31, section 4.6).
    if (block.length) out.push(isBeyond(whole) ? `\n<p>${asText(whole)}</p>\n` : whole);
    block = [];
  };
  for (const line of text.split("\n")) {
    const mark = FENCE.exec(line)?.[1];
    if (mark || fence !== null) {
      end();
      out.push(line);
      if (mark && (fence === null || mark.startsWith(fence))) fence = fence === null ? mark : null;
    } else if (line.trim()) block.push(line);
    else {
      end();
      out.push(line);
    }
  }
  end();
  return out.join("\n");
}

const asText = (text: string): string =>
  text.replace(/&/g, "&amp;").replace(/</g, "&lt;").replace(/>/g, "&gt;");
