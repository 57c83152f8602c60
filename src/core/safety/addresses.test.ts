import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type AddressUse, mayPass } from "./addresses";

describe("an address", () => {
  it.each<[string, AddressUse[]]>([
    ["https://a.example/x", ["link", "picture", "embed"]],
    ["HTTPS://A.example", ["link", "picture", "embed"]],
    ["http://a.example", ["link", "picture"]],
    ["//a.example/x", ["link", "picture"]],
    ["/own/page", ["link", "picture"]],
    ["page?a=b:c", ["link", "picture"]],
    ["#place", ["link", "picture"]],
    ["mailto:a@b.example", ["link"]],
    ["tel:+44", ["link"]],
    ["asset:abc", ["picture"]],
    ["data:image/png;base64,AA", ["picture"]],
    ["data:image/svg+xml,<svg onload=alert(1)>", []],
    ["data:text/html,<script>alert(1)</script>", []],
    ["javascript:alert(1)", []],
    [" java\nscript:alert(1)", []],
    ["\u0001javascript:alert(1)", []],
    ["java\u200bscript:alert(1)", []],
    ["vbscript:x", []],
    ["intent://scan/#Intent;end", []],
    ["feed:https://a.example", []],
    ["ms-word:ofe|u|https://a.example", []],
    ["sms:1", []],
    ["file:///etc/passwd", []],
    ["blob:https://a.example/1", []],
    ["view-source:https://a.example", []],
    ["https:", ["link", "picture"]],
    ["", ["link", "picture", "embed"]],
  ])("%j may pass as %j", (address, uses) => {
    const all: AddressUse[] = ["link", "picture", "embed"];
    expect(all.filter((use) => mayPass(address, use))).toEqual(uses);
  });

  it("of a file may be on the web or in the workspace, and nothing else", () => {
    const all = [
      "https://a.example/a.pdf",
      "asset:1",
      "files/a.pdf",
      "mailto:a@b.example",
      "data:text/html,x",
    ];
    expect(all.filter((address) => mayPass(address, "file"))).toEqual(all.slice(0, 3));
  });

  it("that is no text may not", () => {
    for (const value of [7, {}, [], true]) expect(mayPass(value, "link")).toBe(false);
  });

  it("never passes where a browser would read another scheme in it", () => {
    const scheme = fc.constantFrom("javascript:", "data:text/html,", "vbscript:", "intent:", "ms-its:");
    const noise = fc.array(fc.constantFrom("\t", "\n", " ", "\u0000", "\u001f"), { maxLength: 3 });
    fc.assert(
      fc.property(scheme, fc.array(noise, { minLength: 20, maxLength: 20 }), (text, between) => {
        const address = [...text].map((char, i) => (between[i] ?? []).join("") + char).join("");
        for (const use of ["link", "picture", "embed", "file"] as const)
          expect(mayPass(address, use)).toBe(false);
      }),
    );
  });
});
