/** What of a post is other than what was sent. */
import type { Entry } from "./entry";
import { same } from "./update";

/** What properties are called where people read it. */
const NAMES: Readonly<Record<string, string>> = {
  name: "title",
  content: "text",
  summary: "excerpt",
  category: "categories and tags",
  "x-categories": "categories and tags",
  author: "author",
  published: "date",
  "mp-slug": "address",
  featured: "lead picture",
  location: "location",
  "x-meta-title": "meta title",
  "x-description": "meta description",
  "x-canonical": "canonical address",
  "x-language": "language",
  "x-lead-width": "lead picture",
  "x-social-picture": "picture for sharing",
  "x-comments": "comments",
  "x-mail": "mail to subscribers",
  "x-translation-of": "translation",
  "mp-syndicate-to": "places it is copied to",
  syndication: "copies elsewhere",
};

/** @returns names of what differs, each once, in the order of a post; none where readers have exactly this */
export function changedParts(sent: Entry, now: Entry): string[] {
  const names = Object.keys(NAMES).filter(
    (name) => !same(sent.properties[name] ?? [], now.properties[name] ?? []),
  );
  return [...new Set(names.map((name) => NAMES[name]!))];
}
