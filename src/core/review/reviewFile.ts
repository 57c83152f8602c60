/** A post as one HTML file for somebody without an account: it opens anywhere, takes comments at every block, and saves what was said as a file. */

import type { Element, ElementContent } from "hast";
import { h } from "hastscript";
import type { EditorDoc } from "../blocks/editorJson";
import { BLOCK_KINDS } from "../blocks/registry";
import { blocksFromNode } from "../draft/fromEditor";
import { blocksToHast } from "../draft/toHast";
import { whatItSays } from "../draft/whatItSays";
import { mayPass } from "../safety/addresses";
import { lined, text, writeHtml } from "../site/parts/html";
import { REVIEW_FORMAT } from "./shapes";

export interface ReviewFile {
  reviewId: string;
  postId: string;
  hash: string;
  title: string;
  description: string;
  language: string;
  /** Who asks. */
  siteName: string;
  doc: EditorDoc;
  /** The score, and what is still worth doing, in sentences. */
  score: number | null;
  findings: readonly string[];
  /** Address to write for a picture, as a rule its data: address. */
  fileAddress(src: string): string;
}

/** Letters of a block by which a comment finds it. */
const QUOTE = 160;

const STYLE = `body{margin:0 auto;max-width:46rem;padding:2rem 1.25rem 8rem;font:1.05rem/1.6 Georgia,serif;color:#17212b;background:#f3f5f4}
main{background:#fff;border:1px solid #d3dad8;padding:1.5rem 2rem}img{max-width:100%;height:auto}
h1{font-size:1.9rem;line-height:1.25;margin:.2rem 0 1rem}.about,.talk,footer,label,button,input,textarea{font-family:system-ui,sans-serif;font-size:.9375rem}
.about{color:#54616c}.block{position:relative;border-inline-start:2px solid transparent;padding-inline-start:.8rem;margin-inline-start:-.8rem}
.block:hover,.block:focus-within,.block.has{border-color:#1d5c94}.talk{margin:.2rem 0 1rem}
.talk summary{color:#1d5c94;cursor:pointer;width:max-content}.talk textarea{display:block;width:100%;box-sizing:border-box;min-height:4rem;margin:.3rem 0;padding:.4rem}
footer{position:sticky;bottom:0;background:#fff;border:1px solid #d3dad8;padding:1rem 1.25rem;margin-top:1rem}
fieldset{border:0;padding:0;margin:0 0 .6rem}button{padding:.45rem 1rem;border:1px solid #1d5c94;background:#1d5c94;color:#fff;border-radius:3px;cursor:pointer}
input[type=text]{padding:.35rem;border:1px solid #7d8a92}:focus-visible{outline:3px solid #1d5c94;outline-offset:2px}
@media print{.talk,footer{display:none}}`;

/** Runs in the file alone: it reads the boxes, and gives what is in them to the browser as a download. */
const SCRIPT = `"use strict";
const about = JSON.parse(document.getElementById("about").textContent);
const boxes = [...document.querySelectorAll("textarea")];
const mark = (box) => box.closest(".block") && box.closest(".block").classList.toggle("has", box.value.trim() !== "");
for (const box of boxes) box.addEventListener("input", () => mark(box));
document.querySelector("form").addEventListener("submit", (event) => {
  event.preventDefault();
  const form = new FormData(event.target);
  const comments = boxes.filter((box) => box.value.trim()).map((box, at) => ({
    id: about.reviewId + "-" + (at + 1), block: box.dataset.block, quote: box.dataset.quote, text: box.value.trim(),
  }));
  const answer = { ...about, reviewer: String(form.get("reviewer") || "").trim(), verdict: form.get("verdict"), comments, at: new Date().toISOString() };
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([JSON.stringify(answer, null, 1)], { type: "application/json" }));
  link.download = "review-" + (answer.reviewer.toLowerCase().replace(/[^a-z0-9]+/g, "-") || "answer") + ".json";
  link.click();
  document.getElementById("said").textContent = "Saved " + link.download + ". Send it back to whoever asked.";
});`;

/** Writes the file. */
export function writeReview(review: ReviewFile): string {
  const { title, description, language, siteName, doc, score, findings, reviewId, postId, hash } = review;
  const about = { format: REVIEW_FORMAT, version: 1, reviewId, postId, hash };
  const blocks = doc.content.flatMap((node, at) => {
    const own = blocksFromNode(node, `r${at}`);
    const words = own.map(whatItSays).join(" ").trim();
    const shown = blocksToHast(own, {
      headingIds: false,
      fileAddress: ({ src }) => review.fileAddress(src),
      focusStyles: true,
    }).map(harmless);
    if (!words && !shown.some(hasPicture)) return [];
    const id = String(node.attrs?.id ?? "");
    return [
      h("div", { className: ["block"] }, [
        ...shown,
        talk(id, words.slice(0, QUOTE), `Comment on “${words.slice(0, 40)}”`),
      ]),
    ];
  });
  return writeHtml(
    language,
    [
      h("meta", { charSet: "utf-8" }),
      h("meta", { name: "viewport", content: "width=device-width, initial-scale=1" }),
      h("meta", { name: "robots", content: "noindex" }),
      // What stands in the post runs nothing and fetches nothing.
      h("meta", {
        httpEquiv: ["Content-Security-Policy"],
        content:
          "default-src 'none'; img-src data: blob:; style-src 'unsafe-inline'; script-src 'unsafe-inline'",
      }),
      h("title", {}, [text(`Review: ${title}`)]),
      h("style", {}, [
        { type: "text", value: STYLE + BLOCK_KINDS.map(({ pageStyle = "" }) => pageStyle).join("") },
      ]),
    ],
    h("body", {}, [
      text("\n"),
      h("header", { className: ["about"] }, [
        text(
          `${siteName} asks you to look at this post. Comment at any block, then approve it or ask for changes, and send back the file that is saved. Nothing leaves this page by itself.`,
        ),
      ]),
      h("main", {}, [
        h("h1", {}, [text(title || "Untitled post")]),
        ...lined([
          description ? h("p", { className: ["about"] }, [text(`In search results: ${description}`)]) : null,
          score === null
            ? null
            : h("p", { className: ["about"] }, [text(`Score: ${Math.round(score)} of 100.`)]),
          findings.length
            ? h("details", { className: ["about"] }, [
                h("summary", {}, [text("What the proof still finds")]),
                h(
                  "ul",
                  {},
                  findings.map((one) => h("li", {}, [text(one)])),
                ),
              ])
            : null,
        ]),
        ...lined(blocks),
        h("h2", {}, [text("The post as a whole")]),
        talk("", "", "Comment on the post as a whole"),
      ]),
      h("footer", {}, [
        h("form", {}, [
          h("fieldset", {}, [
            h("legend", {}, [text("What do you say?")]),
            h("label", {}, [
              h("input", { type: "radio", name: "verdict", value: "approved", required: true }),
              text(" Approve it as it is"),
            ]),
            text(" "),
            h("label", {}, [
              h("input", { type: "radio", name: "verdict", value: "changes", required: true }),
              text(" Ask for changes"),
            ]),
          ]),
          h("label", {}, [
            text("Your name "),
            h("input", {
              type: "text",
              name: "reviewer",
              required: true,
              autoComplete: "name",
              maxLength: 200,
            }),
          ]),
          text(" "),
          h("button", { type: "submit" }, [text("Save the review")]),
          h("p", { id: "said", role: "status" }, []),
        ]),
      ]),
      h("script", { type: "application/json", id: "about" }, [
        { type: "text", value: JSON.stringify(about).replaceAll("<", "\\u003c") },
      ]),
      h("script", {}, [{ type: "text", value: SCRIPT }]),
    ]),
  );
}

const talk = (block: string, quote: string, label: string): Element =>
  h("details", { className: ["talk"] }, [
    h("summary", {}, [text("Comment")]),
    h("textarea", { ariaLabel: label, dataBlock: block, dataQuote: quote, maxLength: 20_000 }, []),
  ]);

/** Frames show nothing here, and links lead where they may. */
function harmless(node: ElementContent): ElementContent {
  if (node.type !== "element") return node;
  if (node.tagName === "iframe")
    return h("p", {}, [text(`[${String(node.properties.title ?? "Embedded content")}]`)]);
  const properties = { ...node.properties };
  if (node.tagName === "a" && !mayPass(properties.href, "link")) delete properties.href;
  delete properties.id;
  if (node.tagName === "img") properties.alt ??= "";
  return { ...node, properties, children: node.children.map(harmless) };
}

const hasPicture = (node: ElementContent): boolean =>
  node.type === "element" && (node.tagName === "img" || node.children.some(hasPicture));
