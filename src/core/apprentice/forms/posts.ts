import * as is from "../../declare";
import type { Form } from "../form";
import { isListed, paragraphsOf, plainLine, plainMarks } from "../pasted/clean";
import { listIn, readPasted, textAt } from "../pasted/read";

const schema = is.shape({ posts: is.list(is.someText(5000), 100) });
const value = (parts: readonly { text: string }[]) => ({ posts: parts.map(({ text }) => text) });
const parse: Form["parse"] = (pasted) =>
  readPasted(pasted, {
    what: "post",
    fromJson: (json) => {
      const posts = listIn(json)?.flatMap((one) =>
        typeof one === "string" ? one : (textAt(one, ["text", "post", "content", "part", "tweet"]) ?? []),
      );
      return posts?.length ? [posts.map(part)] : null;
    },
    fromLines(lines) {
      const paragraphs = paragraphsOf(lines);
      const numbered = paragraphs.filter((line) => NUMBERED.test(line));
      if (numbered.length >= 2) {
        // What is not numbered goes on with the part before it.
        const posts: string[] = [];
        for (const paragraph of paragraphs) {
          if (NUMBERED.test(paragraph)) posts.push(paragraph.replace(NUMBERED, ""));
          else if (posts.length) posts[posts.length - 1] += ` ${paragraph}`;
        }
        return [posts.map(part)];
      }
      const listed = paragraphs.filter(isListed);
      return [(listed.length >= 2 ? listed : paragraphs).map(part)];
    },
  });
const NUMBERED =
  /^\s*(?:[-*]\s+)?(?:\*\*)?\(?(?:(?:tweet|post|part)\s*)?\d{1,2}\s*(?:\/\s*(?:\d{1,2}|n))?\s*[.):/–—-]?(?:\*\*)?[:.]?\s+(?=\S)/iu;

const part = (text: string) => ({ field: "post", text: plainLine(plainMarks(text)) });

/** A thread: numbered posts, one after another. */
export const threadForm: Form = {
  id: "thread",
  schema,
  says: "Number each part as 1/5, 2/5 …, with an empty line between parts.",
  text: (parts) => parts.map(({ text }, i) => `${i + 1}/${parts.length} ${text}`).join("\n\n"),
  value,
  parse,
};

/** Posts that stand alone. */
export const postsForm: Form = {
  id: "posts",
  schema,
  says: "Give each post as a paragraph of its own, with an empty line between them.",
  text: (parts) => parts.map(({ text }) => text).join("\n\n"),
  value,
  parse,
};
