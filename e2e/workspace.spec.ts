/** The Desk and the workspace: deleting and replacing can be undone, damaged files and refused storage are said. */
import { readFileSync } from "node:fs";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { emptyMeta } from "../src/core/draft/meta";
import { draftToDocx } from "../src/core/draft/toDocx";
import type { Profile } from "../src/core/proof/profile";
import { version1 } from "../src/data/migrations/version1";
import type { WorkspaceFile } from "../src/data/workspace/workspaceFile";
import {
  choose,
  deskShown,
  downloaded,
  expect,
  expectAccessible,
  field,
  openDesk,
  sheet,
  test,
} from "./test";

test("a post deleted from the Desk comes back whole", async ({ page }) => {
  await openDesk(page);
  const row = page
    .getByRole("main")
    .getByRole("listitem")
    .filter({ hasText: "Winter cycling with children: warm feet" });
  await row.hover();
  await row.getByRole("button", { name: /^Delete/ }).click();
  await expect(row).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(row).toHaveCount(1);
  await row.getByRole("link").click();
  await page.getByRole("link", { name: /^Write/ }).click();
  await expect(sheet(page)).toContainText("Three thin layers beat one thick one");
});

test("the Desk is searched, filtered and put in order", async ({ page }) => {
  await openDesk(page);
  await page.getByRole("searchbox", { name: "Search posts" }).fill("batteries");
  await expect(page.getByText("No post matches.")).toBeVisible();
  await page.getByRole("button", { name: "Show all" }).click();
  await choose(page.getByLabel("Category"), "Work bikes");
  await expect(page.getByText("2 posts of 14")).toBeVisible();
  await choose(page.getByLabel("Category"), "All");
  await choose(page.getByLabel("Order"), "Score, lowest first");
  const scores = await page.getByRole("list", { name: "Posts" }).getByRole("listitem").allInnerTexts();
  expect(scores).toHaveLength(15);
  expect(scores[1]).toContain("Locks");
  await expect(page.getByRole("list", { name: "What needs attention" })).toContainText(
    "2 posts have the target “cargo bike hire”",
  );
});

test("the command field finds a post by its keyword", async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press("Control+k");
  await page.getByRole("dialog").getByRole("combobox").fill("second car");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/cargo-bike-or-second-car/);
  await openDesk(page);
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
});

test("the workspace goes out as one file, and comes back after a start from nothing", async ({ page }) => {
  await openDesk(page);
  await page.getByRole("link", { name: "Settings" }).click();
  const file = await downloaded(page, () =>
    page.getByRole("button", { name: "Download the workspace file" }).click(),
  );
  expect(file.name).toMatch(/\.dunesparrow\.zip$/);
  await page.getByRole("button", { name: "Start empty" }).click();
  await expect(page.getByText("Started empty.", { exact: true })).toBeVisible();
  await page.getByRole("link", { name: "Desk" }).click();
  await expect(page.getByText("No posts yet")).toBeVisible();
  await page.getByRole("link", { name: "Settings" }).click();
  await page.getByLabel("Open a workspace file: file").setInputFiles({
    name: "mine.dunesparrow.zip",
    mimeType: "application/zip",
    buffer: readFileSync(file.path),
  });
  await expect(page.getByText("The workspace is now that of “mine.dunesparrow.zip”.")).toBeVisible();
  await page.getByRole("link", { name: "Desk" }).click();
  await expect(page.getByText("14 posts", { exact: true })).toBeVisible();
});

test("a workspace that was replaced is brought back after a reload, pictures too, and copies are deleted with undo", async ({
  page,
}) => {
  await openDesk(page);
  await page.getByRole("link", { name: "Settings" }).click();
  const copies = page.getByRole("region", { name: "Earlier workspaces" });
  await expect(copies).toContainText("None yet.");
  await page.getByRole("button", { name: "Start empty" }).click();
  await expect(copies.getByRole("listitem")).toHaveCount(1);
  await expect(copies).toContainText("Before an empty start");
  await expect(copies).toContainText("14 posts");
  await page.reload();
  await copies.getByRole("button", { name: /^Bring back/ }).click();
  await expect(page.getByText(/^The workspace is that of .* again\.$/)).toBeVisible();
  await expect(copies.getByRole("listitem")).toHaveCount(2);
  await copies
    .getByRole("listitem")
    .first()
    .getByRole("button", { name: /^Delete/ })
    .click();
  await expect(copies.getByRole("listitem")).toHaveCount(1);
  await page
    .getByRole("region", { name: /Notifications/ })
    .getByRole("button", { name: "Undo" })
    .first()
    .click();
  await expect(copies.getByRole("listitem")).toHaveCount(2);
  const file = await downloaded(page, () =>
    copies
      .getByRole("button", { name: /^Download/ })
      .last()
      .click(),
  );
  expect(Object.keys(unzipSync(readFileSync(file.path)))).toContain("manifest.json");
  await expectAccessible(page);
  await page.getByRole("link", { name: "Desk" }).click();
  await expect(page.getByText("14 posts", { exact: true })).toBeVisible();
});

test("a damaged part is named and the rest opened on purpose; a newer file is read and copied, never put in place", async ({
  page,
}) => {
  await openDesk(page);
  await page.getByRole("link", { name: "Settings" }).click();
  const open = (name: string, bytes: Uint8Array) =>
    page
      .getByLabel("Open a workspace file: file")
      .setInputFiles({ name, mimeType: "application/zip", buffer: Buffer.from(bytes) });
  const entries = unzipSync(readFileSync("public/demo/brackenford.dunesparrow.zip"));
  await open(
    "changed.zip",
    zipSync({ ...entries, "pictures/winter-school-run.jpg": strToU8("not a picture") }),
  );
  const alert = page.getByRole("alert").filter({ hasText: "A part of this workspace file is damaged." });
  await expect(alert).toContainText("pictures/winter-school-run.jpg: it is not what it was");
  await alert.getByRole("button", { name: "Open the intact parts" }).click();
  await expect(page.getByText("The workspace is now that of “changed.zip”.")).toBeVisible();

  const newer = {
    format: "dune-sparrow-workspace",
    version: 9,
    site: { name: "Later" },
    posts: [{ id: "a", title: "From a later version" }],
    bodies: [
      {
        postId: "a",
        doc: {
          type: "doc",
          content: [
            { type: "paragraph", content: [{ type: "text", text: "Readable words." }] },
            { type: "timeline", content: [{ type: "text", text: "Words of a timeline" }] },
          ],
        },
      },
    ],
  };
  await open("newer.zip", zipSync({ "workspace.json": strToU8(JSON.stringify(newer)) }));
  const sheetOfIt = page.getByRole("dialog", { name: "Workspace of a newer version: Later" });
  await sheetOfIt.getByRole("button", { name: "From a later version" }).click();
  await expect(sheetOfIt).toContainText("Readable words.");
  await sheetOfIt.getByRole("button", { name: "Add copies of 1 post to my workspace" }).click();
  await page.getByRole("link", { name: "Desk" }).click();
  await expect(page.getByText("15 posts", { exact: true })).toBeVisible();
  // What is unknown is there, cannot be edited, and outlives the next keys.
  await page.getByRole("link", { name: "From a later version" }).click();
  await page.getByRole("link", { name: /^Write/ }).click();
  await expect(sheet(page)).toContainText("Words of a timeline");
  await expect(sheet(page)).toContainText("this version does not know all of this block (“timeline”)");
  await sheet(page).getByText("Readable words.").click();
  await page.keyboard.press("End");
  await page.keyboard.type(" And more.");
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  await page.reload();
  await expect(sheet(page)).toContainText("Readable words. And more.");
  await page.getByRole("link", { name: "Settings" }).click();
  const out = await downloaded(page, () =>
    page.getByRole("button", { name: "Download the workspace file" }).click(),
  );
  const written = JSON.parse(
    strFromU8(unzipSync(readFileSync(out.path))["workspace.json"]!),
  ) as WorkspaceFile;
  expect(JSON.stringify(written.bodies)).toContain(
    '{"type":"timeline","content":[{"type":"text","text":"Words of a timeline"}]}',
  );
});

test("starting empty can be undone", async ({ page }) => {
  await openDesk(page);
  await page.getByRole("link", { name: "Settings" }).click();
  await page.getByRole("button", { name: "Start empty" }).click();
  await expect(page.getByText("Started empty.", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("Everything is back as it was.")).toBeVisible();
  await page.getByRole("link", { name: "Desk" }).click();
  await expect(page.getByText("14 posts", { exact: true })).toBeVisible();
});

const DAMAGED: [string, Uint8Array, RegExp][] = [
  ["no zip", strToU8("hello"), /cannot be unpacked/],
  ["another zip", zipSync({ "a.pdf": strToU8("a") }), /There is no workspace.json in it/],
  ["cut JSON", zipSync({ "workspace.json": strToU8('{"format":"dune-sp') }), /it is not JSON/],
  [
    "a wrong shape",
    zipSync({ "workspace.json": strToU8('{"format":"dune-sparrow-workspace","version":1,"posts":7}') }),
    /posts: must be array/,
  ],
];
test("a damaged workspace file is refused and nothing is lost", async ({ page }) => {
  await openDesk(page);
  await page.getByRole("link", { name: "Settings" }).click();
  for (const [what, bytes, why] of DAMAGED) {
    await page
      .getByLabel("Open a workspace file: file")
      .setInputFiles({ name: `${what}.zip`, mimeType: "application/zip", buffer: Buffer.from(bytes) });
    await expect(page.getByRole("alert")).toContainText(why);
    await expect(page.getByRole("alert")).toContainText("Nothing was replaced");
  }
  await page.getByRole("link", { name: "Desk" }).click();
  await expect(page.getByText("14 posts", { exact: true })).toBeVisible();
});

test("a profile of one's own changes the score; a wrong one is refused with the places", async ({ page }) => {
  await openDesk(page);
  await page.getByRole("link", { name: "Settings" }).click();
  const profile = JSON.parse(readFileSync("src/core/proof/profile.json", "utf8")) as Record<string, never>;
  // One that lets a text of any length have its full score.
  const own = { ...profile, id: "ours", name: "Ours", version: 3, fullScoreWords: 0 };
  await page.getByLabel("Use another profile: file").setInputFiles({
    name: "p.json",
    mimeType: "application/json",
    buffer: Buffer.from(JSON.stringify({ ...own, checks: { "one-h1": { weight: "much" } } })),
  });
  await expect(page.getByRole("alert")).toContainText("checks.one-h1.weight: must be number");
  await page.getByLabel("Use another profile: file").setInputFiles({
    name: "p.json",
    mimeType: "application/json",
    buffer: Buffer.from(JSON.stringify(own)),
  });
  await expect(page.getByText("Ours, version 3:")).toBeVisible();
  // A start from nothing and its undo bring the profile back with the rest.
  await page.getByRole("button", { name: "Start empty" }).click();
  await expect(page.getByText("Default profile, version 4:")).toBeVisible();
  await page
    .getByRole("region", { name: /Notifications/ })
    .getByRole("button", { name: "Undo" })
    .first()
    .click();
  await expect(page.getByText("Ours, version 3:")).toBeVisible();
  // Another weight under the same name and version is another profile: the Desk scores anew. Never by loading it again,
  // which would begin the scoring from the start each time it is looked at.
  const row = page.getByRole("listitem").filter({ hasText: "best lock for a cargo bike" });
  const scoreOfLocks = async () => Number(/\n(\d+)\n/.exec(await row.innerText())?.[1]);
  const toDesk = async () => {
    await page.getByRole("link", { name: "Desk" }).click();
    await deskShown(page);
  };
  await toDesk();
  await expect.poll(scoreOfLocks).toBeGreaterThan(0);
  const before = await scoreOfLocks();
  const heavier = { ...own, checks: { ...(own as never as Profile).checks, "has-picture": { weight: 60 } } };
  await page.getByRole("link", { name: "Settings" }).click();
  await page.getByLabel("Use another profile: file").setInputFiles({
    name: "p.json",
    mimeType: "application/json",
    buffer: Buffer.from(JSON.stringify(heavier)),
  });
  await expect(page.getByText(/weights that sum to 158/)).toBeVisible();
  await toDesk();
  await expect.poll(scoreOfLocks).toBeGreaterThan(before + 20);
});

test("an import that cannot be read is said, and no post is made", async ({ page }) => {
  await openDesk(page);
  for (const [name, content, why] of [
    [
      "empty.zip",
      Buffer.from(zipSync({ "a.pdf": strToU8("a") })),
      /“empty.zip”: There is no Markdown, HTML, DOCX or text file in it/,
    ],
    [
      "torn.md",
      Buffer.from("---\ntitle: [a\n---\ntext"),
      /“torn.md”: It cannot be read: The front matter is not valid YAML/,
    ],
    ["latin.md", Buffer.from([0x63, 0x61, 0x66, 0xe9]), /its text is not UTF-8/],
  ] as const) {
    await page.getByLabel("Import posts: files").setInputFiles({ name, mimeType: "", buffer: content });
    await expect(page.getByText(why)).toBeVisible();
  }
  await expect(page.getByText("14 posts", { exact: true })).toBeVisible();
});

test("many files come in with a report, and can be deleted again", async ({ page }) => {
  await openDesk(page);
  const file = (name: string, content: string | Uint8Array) => ({
    name,
    mimeType: "",
    buffer: Buffer.from(content),
  });
  const docx = await draftToDocx({
    meta: { ...emptyMeta, title: "From a word processor" },
    blocks: [
      { id: "b", kind: "heading", level: 2, text: "Locks", runs: [{ text: "Locks", marks: [] }], within: [] },
    ],
    headingIds: "derived",
  });
  const many = zipSync({
    "posts/one.md": strToU8("---\ntitle: Zipped one\n---\n\n![A lock](../pictures/lock.png)\n\nText of it."),
    "posts/two.html": strToU8(
      "<main><header><h1>Zipped two</h1></header><p>Words here.</p><img src='gone.png' alt='Gone'></main>",
    ),
    "posts/site.css": strToU8("p { color: red }"),
    "__MACOSX/posts/._one.md": strToU8("x"),
    "pictures/lock.png": readFileSync("docs/screenshots/desk.png"),
  });
  await page
    .getByLabel("Import posts: files")
    .setInputFiles([
      file("many.zip", many),
      file("word.docx", docx),
      file("plain.txt", "A plain title\n\nAnd its text."),
      file("torn.md", "---\ntitle: [a\n---\ntext"),
      file("table.pdf", "x"),
    ]);
  const report = page.getByRole("dialog", { name: "Imported posts" });
  await expect(report).toContainText("4 posts imported, 2 files not imported.");
  await expect(report.getByRole("region", { name: "Not imported" }).getByRole("listitem")).toHaveText([
    /^table.pdf: This is not a Markdown/,
    /^torn.md: It cannot be read: The front matter/,
  ]);
  await expect(report).toContainText(
    "Skipped in many.zip, being neither posts nor pictures: posts/site.css.",
  );
  await expect(report).toContainText("1 picture could not be found and stayed as a path: gone.png.");
  await expect(report.getByRole("link")).toHaveText([
    "Zipped one",
    "Zipped two",
    "From a word processor",
    "A plain title",
  ]);
  await expectAccessible(page);
  await report.getByRole("link", { name: "Zipped one" }).click();
  await expect(sheet(page).getByRole("img", { name: "A lock" })).toBeVisible();
  await openDesk(page);
  await expect(page.getByText("18 posts", { exact: true })).toBeVisible();
});

test("what the first version of the database held comes over, in what it becomes", async ({ page }) => {
  const { tables } = JSON.parse(readFileSync("src/data/migrations/testing/version1.json", "utf8")) as {
    tables: Record<string, { text?: string }[]>;
  };
  // A page of the same origin, before the application has opened the database.
  await page.route("**/before", (route) => route.fulfill({ contentType: "text/html", body: "" }));
  await page.goto("/before");
  await page.evaluate(
    ([stores, held]) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open("dune-sparrow", 10);
        open.onerror = () => reject(open.error);
        open.onupgradeneeded = () => {
          for (const [name, indexes] of Object.entries(stores))
            open.result.createObjectStore(name, { keyPath: indexes.split(",")[0]! });
          for (const [name, rows] of Object.entries(held))
            for (const row of rows) open.transaction!.objectStore(name).put(row);
        };
        open.onsuccess = () => {
          open.result.close();
          resolve();
        };
      }),
    [version1.stores as Record<string, string>, tables] as const,
  );
  await openDesk(page);
  await expect(page.getByText("2 posts", { exact: true })).toBeVisible();
  await page.getByRole("link", { name: "Keywords", exact: true }).click();
  await expect(page.getByText("Keywords of the site").first()).toBeVisible();
});

test("storage that is refused at the start is said, with what to do", async ({ page, watch }) => {
  watch.expected.push(/./);
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException("The user denied permission", "SecurityError");
    };
  });
  await page.goto("/");
  await expect(page.getByRole("alert")).toContainText("The workspace cannot be opened");
  await expect(page.getByRole("alert")).toContainText("Everything saved before is unchanged");
});

test("storage that is refused while writing is said, retried, and loses nothing", async ({ page, watch }) => {
  watch.expected.push(/quota/i, /ERR_FAILED/);
  // Without its worker the page saves by itself, where a test can refuse it.
  await page.route("**/save.worker*", (route) => route.abort());
  await openDesk(page);
  await page.getByRole("button", { name: "New post" }).first().click();
  await page.getByRole("link", { name: /^Write/ }).click();
  await sheet(page).click();
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    Object.assign(window, { allowStorage: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException("The quota has been exceeded.", "QuotaExceededError");
    };
  });
  await page.keyboard.insertText("Kept in this tab.");
  await expect(page.getByRole("alert")).toContainText("Not saved.");
  await expect(page.getByRole("alert")).toContainText("quota");
  await page.evaluate(() => (window as never as { allowStorage: () => void }).allowStorage());
  await page.getByRole("button", { name: "Try again now" }).click();
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  await page.reload();
  await expect(sheet(page)).toHaveText("Kept in this tab.");
});

test("a thousand posts are on the Desk at once, and only those in sight are drawn", async ({ page }) => {
  const entries = unzipSync(readFileSync("public/demo/brackenford.dunesparrow.zip"));
  const file = JSON.parse(strFromU8(entries["workspace.json"]!)) as WorkspaceFile;
  const [first] = file.posts;
  const many = Array.from({ length: 1000 }, (_, i) => ({
    ...first!,
    id: `many-${i}`,
    title: `Post number ${i}`,
    slug: `post-${i}`,
    keyword: `keyword ${i}`,
  }));
  const body = file.bodies.find(({ postId }) => postId === first!.id)!;
  const next = {
    ...file,
    // As from before there was a manifest, which would have to be made anew.
    version: 1,
    posts: many,
    bodies: many.map(({ id }) => ({ postId: id, doc: body.doc })),
    outlines: [],
  };
  await openDesk(page);
  await page.getByRole("link", { name: "Settings" }).click();
  await page.getByLabel("Open a workspace file: file").setInputFiles({
    name: "many.zip",
    mimeType: "application/zip",
    buffer: Buffer.from(zipSync({ ...entries, "workspace.json": strToU8(JSON.stringify(next)) })),
  });
  await expect(page.getByText("The workspace is now that of “many.zip”.")).toBeVisible();
  await page.getByRole("link", { name: "Desk" }).click();
  await expect(page.getByRole("link", { name: "Post number 0" })).toBeVisible();
  expect(await page.getByRole("list", { name: "Posts" }).getByRole("listitem").count()).toBeLessThan(60);
  // Scored in the background, all of them.
  await expect(page.getByText(/^1,000 posts$/)).toBeVisible();
  await expect(page.getByRole("region", { name: "All posts" })).toContainText("1000 of 1000");
  await page.getByRole("searchbox", { name: "Search posts" }).fill("Post number 999");
  await expect(page.getByRole("link", { name: "Post number 999" })).toBeVisible();
  await page.getByRole("link", { name: "Post number 999" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Post number 999");
});

test("a post started from another lists what is left of it, and release waits for that", async ({ page }) => {
  await openDesk(page);
  await page.getByRole("button", { name: /^Start a post from “Winter cycling/ }).click();
  const left = page.getByRole("region", { name: "Leftovers" });
  await expect(left).toContainText(/\d+ leftovers of “Winter cycling/);
  await expectAccessible(page);
  const count = async () => Number(/\d+/.exec((await left.textContent())!)![0]);
  const before = await count();
  await field(page, "Slug").fill("summer-cycling");
  await expect.poll(count).toBe(before - 1);
  await left.getByRole("button", { name: /^Accept Meta description/ }).click();
  await expect.poll(count).toBe(before - 2);
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  await page.reload();
  await expect.poll(count).toBe(before - 2);
  await page.getByRole("link", { name: /^Release/ }).click();
  const gate = page
    .getByRole("region", { name: "Gates" })
    .getByRole("listitem")
    .filter({ hasText: "copied from" });
  await expect(gate).toContainText(/things are the same as in “Winter cycling/);
});

test("a post is shared with its lead picture, or with one chosen for that, which a copy has to change", async ({
  page,
}) => {
  await openDesk(page);
  await page.getByRole("link", { name: /^Winter cycling/ }).click();
  await page.getByRole("link", { name: /^Release/ }).click();
  const shared = page.getByRole("region", { name: "When shared" });
  await expect(shared).toContainText("The lead picture is used for sharing.");
  await shared.getByRole("button", { name: "Choose another picture" }).click();
  await page.getByRole("tab", { name: /^Photo shelf/ }).click();
  await page.getByRole("button", { name: /^Use / }).first().click();
  await expect(shared).toContainText("It has its own picture for sharing.");
  await expect(shared.getByRole("img")).toBeVisible();
  await expectAccessible(page);
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();

  await page.getByRole("link", { name: "Desk" }).click();
  await page.getByRole("button", { name: /^Start a post from “Winter cycling/ }).click();
  const left = page.getByRole("region", { name: "Leftovers" });
  await left.getByRole("button", { name: /^Go to Social picture/ }).click();
  const choose = page.getByRole("button", { name: "Choose another picture" });
  await expect(choose).toBeFocused();
  await page.getByRole("button", { name: "Use the lead picture" }).click();
  await expect(shared).toContainText("The lead picture is used for sharing.");
  await page.getByRole("link", { name: /^Write/ }).click();
  await expect(left).toBeVisible();
  await expect(left).not.toContainText("Social picture");
});
