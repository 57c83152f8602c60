import { expect, it } from "vitest";
import { originOf } from "./origin";

it.each([
  ["https://my-site.example/", "https://my-site.example"],
  ["my-site.example", "https://my-site.example"],
  [" http://My-Site.example:8080 ", "http://my-site.example:8080"],
  ["https://my-site.example/blog", null],
  ["ftp://my-site.example", null],
  ["javascript:alert(1)", null],
  ["my site", null],
  ["", null],
])("of %j is %j", (text, origin) => expect(originOf(text)).toBe(origin));
