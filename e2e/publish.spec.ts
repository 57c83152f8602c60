/** From a finished draft to a page that readers can open, and back to the desk. */
import { copyFileSync, mkdtempSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { APIRequestContext, Page } from "@playwright/test";
import { strFromU8, unzipSync } from "fflate";
import { choose, downloaded, expect, expectAccessible, field, openDesk, sheet, test } from "./test";

const publishPanel = (page: Page) => page.getByRole("region", { name: "Publish" });
const state = (page: Page) => publishPanel(page).getByRole("status").first();

/** A new post of this title with a sentence in it, on its release stage. */
async function writePost(page: Page, title: string, slugged: string): Promise<string> {
  // The blog keeps what an earlier try has sent.
  const { retry, repeatEachIndex } = test.info();
  const slug = retry || repeatEachIndex ? `${slugged}-${repeatEachIndex}-${retry}` : slugged;
  await page.getByLabel("Import posts: files").setInputFiles({
    name: `${slug}.md`,
    mimeType: "text/markdown",
    buffer: Buffer.from(
      `---\ntitle: ${title}\nslug: ${slug}\ncategory: Town and weather\ndescription: What ${title} is about.\n---\n\nThe river path is dry again.\n\n## By the mill\n\nMind the gate.`,
    ),
  });
  await expect(sheet(page)).toContainText("The river path is dry again.");
  await toRelease(page);
  return slug;
}
async function toRelease(page: Page): Promise<void> {
  await page.getByRole("link", { name: /^Release/ }).click();
  await expect(publishPanel(page)).toBeVisible();
}
async function waiveGates(page: Page): Promise<void> {
  await expect(page.getByRole("region", { name: "Gates" })).toBeVisible();
  const waive = page.getByLabel(/I know that/);
  if (await waive.isVisible()) await waive.check();
}
const liveAddress = async (page: Page): Promise<string> =>
  (await publishPanel(page).getByRole("link", { name: "Open the live page" }).getAttribute("href"))!;
const pageAt = async (request: APIRequestContext, address: string) => {
  const answer = await request.get(address, { maxRedirects: 0 });
  return { status: answer.status(), html: await answer.text(), location: answer.headers().location };
};

test("a post is published, looked at, changed, sent again, moved and withdrawn", async ({
  page,
  request,
}) => {
  await openDesk(page);
  await writePost(page, "The river path in spring", "river-path-in-spring");
  const reader = page.frameLocator('iframe[title="The page as readers see it"]');
  await expect(reader.getByRole("heading", { level: 1 })).toHaveText("The river path in spring");
  await page.getByRole("button", { name: "Phone" }).click();
  await expect(page.getByText("390 px")).toBeVisible();
  await expect(page.getByText(/^Listed on The Long Haul, Town and weather\.$/)).toBeVisible();
  await waiveGates(page);
  await expectAccessible(page);
  await page.getByRole("button", { name: "Publish now to The Long Haul (stand-in)" }).click();
  await expect(state(page)).toContainText("Live since");
  await expect(page.getByText("Readers have exactly this.")).toBeVisible();

  const address = await liveAddress(page);
  const first = await pageAt(request, address);
  expect(first.status).toBe(200);
  expect(first.html).toContain("The river path is dry again.");

  // An edit is not live until it is sent.
  await page.getByRole("link", { name: /^Write/ }).click();
  await sheet(page).getByText("Mind the gate.").click();
  await page.keyboard.press("End");
  await page.keyboard.type(" It sticks.");
  await toRelease(page);
  await expect(publishPanel(page)).toContainText("Changed, not sent: 1 block.");
  await page.getByRole("button", { name: "Compare with what is live" }).click();
  await expect(page.getByRole("region", { name: "Compared with what is live" })).toContainText("It sticks.");
  expect((await pageAt(request, address)).html).not.toContain("It sticks.");
  await waiveGates(page);
  await page.getByRole("button", { name: /^Send the changes to/ }).click();
  await expect(page.getByText("Readers have exactly this.")).toBeVisible();
  expect((await pageAt(request, address)).html).toContain("It sticks.");

  // Another address: what readers knew leads there.
  await field(page, "Address").fill(`river-path-${test.info().retry}`);
  await page.getByRole("button", { name: "Keep the new address, with a redirect" }).click();
  await expect(publishPanel(page)).toContainText("Changed, not sent: address.");
  await page.getByRole("button", { name: /^Send the changes to/ }).click();
  await expect(page.getByText("Readers have exactly this.")).toBeVisible();
  const moved = await pageAt(request, address);
  expect([moved.status, moved.location]).toEqual([301, `/journal/river-path-${test.info().retry}`]);
  expect((await pageAt(request, await liveAddress(page))).status).toBe(200);

  // Changes that nobody wants are discarded, and had back.
  await field(page, "Title").fill("Another title");
  await expect(publishPanel(page)).toContainText("Changed, not sent: title.");
  await page.getByRole("button", { name: "Discard the changes" }).click();
  await expect(field(page, "Title")).toHaveValue("The river path in spring");

  await page.getByRole("button", { name: "Withdraw" }).click();
  await expect(state(page)).toContainText("Withdrawn");
  expect(
    (await pageAt(request, new URL(`/journal/river-path-${test.info().retry}`, address).href)).status,
  ).toBe(410);
});

test("what somebody changed at the blog is shown, and never written over unseen", async ({
  page,
  request,
}) => {
  await openDesk(page);
  await writePost(page, "Ice on the towpath", "ice-on-the-towpath");
  await waiveGates(page);
  await page.getByRole("button", { name: /^Publish now to/ }).click();
  await expect(page.getByText("Readers have exactly this.")).toBeVisible();
  const address = await liveAddress(page);
  const theirs = await page.request.post("/api/blog/stand-in/ask", {
    data: {
      body: {
        action: "update",
        url: address,
        replace: {
          name: ["Ice on the path, they say"],
          content: [
            { html: "<p>The river path is dry again.</p><h2>By the mill</h2><p>Mind the new gate.</p>" },
          ],
        },
      },
    },
  });
  expect(theirs.ok()).toBe(true);
  await page.getByRole("link", { name: /^Write/ }).click();
  await sheet(page).getByText("The river path is dry again.").click();
  await page.keyboard.press("End");
  await page.keyboard.type(" Nearly.");
  await toRelease(page);
  await waiveGates(page);
  await field(page, "Title").fill("Ice on the towpath again");
  await page.getByRole("button", { name: /^Send the changes to/ }).click();
  await expect(publishPanel(page).getByRole("alert")).toContainText(
    "Somebody has changed this post at the blog",
  );
  expect((await pageAt(request, address)).html).toContain("Ice on the path, they say");
  // Each difference is taken from either side: what one side changed is chosen already, what both changed is decided.
  const both = page.getByRole("region", { name: "Changed at the blog and here" });
  const title = both.getByRole("radiogroup", { name: "Title: which to use" });
  await expect(title.getByRole("radio", { name: /^Here/ })).toBeChecked();
  await expect(both).toContainText("last sent: Ice on the towpath");
  const gate = both.getByRole("radiogroup", { name: "Block 3: which to use" });
  await expect(gate.getByRole("radio", { name: /^At the blog now/ })).toBeChecked();
  await expectAccessible(page);
  await title.getByRole("radio", { name: /^At the blog now/ }).click();
  await page.getByRole("button", { name: "Use what is chosen, and send it" }).click();
  await expect(page.getByText("Readers have exactly this.")).toBeVisible();
  const { html } = await pageAt(request, address);
  expect(html).toContain("<h1>Ice on the path, they say</h1>");
  expect(html).toContain("<p>The river path is dry again. Nearly.</p>");
  expect(html).toContain("<p>Mind the new gate.</p>");
  await expect(field(page, "Title")).toHaveValue("Ice on the path, they say");
});

test("a post waits for its minute, and a blog that is down for the next try", async ({
  page,
  request,
  watch,
}) => {
  watch.expected.push(/503|502/);
  await openDesk(page);
  const slug = await writePost(page, "Summer on the river", "summer-on-the-river");
  await waiveGates(page);
  await page.getByRole("button", { name: "Schedule …" }).click();
  const schedule = page.getByRole("dialog", { name: "Schedule" });
  await schedule.getByRole("button", { name: /^Day, / }).click();
  await page.getByRole("button", { name: "Month after" }).click();
  await page.getByRole("button", { name: /15 \w+ \d{4}$/ }).click();
  await schedule.getByLabel("Time").fill("09:30");
  await expectAccessible(page, { within: "[role=dialog]" });
  await schedule.getByRole("button", { name: "Schedule", exact: true }).click();
  await expect(state(page)).toContainText(/^Goes live .* 15 .*09:30/);
  const origin = ((await (await page.request.get("/api/blog/stand-in")).json()) as { origin: string }).origin;
  expect((await pageAt(request, `${origin}/journal/${slug}`)).status).toBe(404);
  await page.reload();
  await expect(state(page)).toContainText(/^Goes live .* 15 .*09:30/);

  await page.goto("/settings");
  await page.getByLabel("Blog error rate").fill("100");
  await page.getByLabel("Blog error rate").press("Enter");
  await page.getByRole("button", { name: "Test the blog" }).click();
  await expect(
    page.getByText(/The blog (?:is busy|gave no answer|failed|answered with something)/),
  ).toBeVisible();
  await page.goBack();
  await waiveGates(page);
  const planned = (await state(page).textContent())!;
  await page.getByRole("button", { name: "Publish now", exact: true }).click();
  await expect(state(page)).not.toHaveText(planned);
  await expect(publishPanel(page).getByRole("alert")).toContainText("nothing is lost");
  await page.goto("/settings");
  await page.getByLabel("Blog error rate").fill("0");
  await page.getByLabel("Blog error rate").press("Enter");
  await page.getByRole("button", { name: "Test the blog" }).click();
  await expect(page.getByText(/^The blog answers\./)).toBeVisible();
  await page.goBack();
  // It is tried again by itself.
  await expect(page.getByText("Readers have exactly this.")).toBeVisible();
  expect((await pageAt(request, `${origin}/journal/${slug}`)).status).toBe(200);
});

test("another blog is named by its address and token, and two tabs publish at once, each post once", async ({
  page,
  context,
  request,
  watch,
}) => {
  watch.expected.push(/403/);
  await openDesk(page);
  const slug = await writePost(page, "The weir at night", "weir-at-night");
  const post = new URL(page.url()).pathname;
  const { origin } = (await (await page.request.get("/api/blog/stand-in")).json()) as { origin: string };
  await page.goto("/settings#connections");
  await choose(page.getByLabel("Blog", { exact: true }).last(), "A blog at another address");
  const type = async (label: string, text: string) => {
    await page.getByLabel(label, { exact: true }).fill(text);
    await page.getByLabel(label, { exact: true }).press("Enter");
  };
  await type("Blog address", origin);
  await type("Token", "not-its-token");
  await page.getByRole("button", { name: "Test the blog" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "did not accept the token" })).toBeVisible();
  await type("Token", readFileSync(join(process.env.DUNE_SPARROW_E2E_DATA!, "blog/token"), "utf8").trim());
  await page.getByRole("button", { name: "Test the blog" }).click();
  await expect(page.getByText(/^The blog answers\. .*copies excerpts to 2 places/)).toBeVisible();

  const other = await context.newPage();
  await page.goto("/");
  const second = await writePost(page, "The weir by day", "weir-by-day");
  await other.goto(post);
  await expect(publishPanel(other)).toBeVisible();
  for (const tab of [page, other]) await waiveGates(tab);
  await other.getByLabel("Riders' digest (stand-in)").check();
  await other.getByLabel("Mail it to the 214 subscribers too").check();
  await Promise.all([page, other].map((tab) => tab.getByRole("button", { name: /^Publish now to/ }).click()));
  for (const tab of [page, other]) await expect(tab.getByText("Readers have exactly this.")).toBeVisible();
  for (const [tab, one] of [
    [page, second],
    [other, slug],
  ] as const) {
    expect(await liveAddress(tab)).toBe(`${origin}/journal/${one}`);
    expect((await pageAt(request, `${origin}/journal/${one}`)).status).toBe(200);
    expect((await pageAt(request, `${origin}/journal/${one}-2`)).status).toBe(404);
  }
  // Where its copy is, is kept with the post.
  const copy = await field(other, "Copies").inputValue();
  expect((await pageAt(request, copy)).html).toContain(
    `href="https://brackenford-cycles.example/journal/${slug}"`,
  );
});

test("a post is shown to somebody without an account, whose comments and verdict come back", async ({
  page,
  context,
}) => {
  await openDesk(page);
  await writePost(page, "The mill in autumn", "mill-in-autumn");
  const folder = mkdtempSync(join(tmpdir(), "review-"));
  const ask = async (name: string): Promise<string> => {
    const file = await downloaded(page, () => page.getByRole("button", { name: "Ask for review" }).click());
    const path = join(folder, `${name}.html`);
    copyFileSync(file.path, path);
    return `file://${path}`;
  };
  const answer = async (address: string, verdict: string, comment: string): Promise<string> => {
    const reviewer = await context.newPage();
    await reviewer.goto(address);
    await expectAccessible(reviewer);
    if (comment) {
      await reviewer.getByText("Mind the gate.").locator("..").getByText("Comment", { exact: true }).click();
      await reviewer.getByRole("textbox", { name: /^Comment on “Mind the gate/ }).fill(comment);
    }
    await reviewer.getByLabel(verdict).check();
    await reviewer.getByLabel("Your name").fill("Dev Raman");
    const file = await downloaded(reviewer, () =>
      reviewer.getByRole("button", { name: "Save the review" }).click(),
    );
    await reviewer.close();
    return file.path;
  };
  const review = page.getByRole("region", { name: "Review" });
  const first = await answer(await ask("first"), "Ask for changes", "Which gate?");
  await expect(review).toContainText("Waiting for an answer since");
  await page.getByLabel("Bring a review in: file").setInputFiles(first);
  await expect(review).toContainText("Dev Raman asks for changes.");
  await expect(review).toContainText("Which gate?");
  await review.getByRole("textbox", { name: "Answer" }).fill("The one by the weir.");
  await expectAccessible(page);

  await page.getByRole("link", { name: /^Write/ }).click();
  await page.getByRole("button", { name: "1 comment of Dev Raman: Which gate?" }).click();
  const comments = page.getByRole("dialog", { name: "Comments of Dev Raman" });
  await expect(comments).toContainText("Answer: The one by the weir.");
  await comments.getByRole("button", { name: "Resolve" }).click();
  await expect(page.getByRole("button", { name: /comment of Dev Raman/ })).toBeHidden();
  await sheet(page).getByText("Mind the gate.").click();
  await page.keyboard.press("End");
  await page.keyboard.type(" It is by the weir.");

  await toRelease(page);
  const second = await answer(await ask("second"), "Approve it as it is", "");
  await page.getByLabel("Bring a review in: file").setInputFiles(second);
  await expect(review).toContainText("Approved by Dev Raman, and unchanged since.");
  await field(page, "Title").fill("The mill in winter");
  await expect(review).toContainText("changed since");

  // What is no review of this post changes nothing, and says so.
  await page
    .getByLabel("Bring a review in: file")
    .setInputFiles({ name: "x.json", mimeType: "application/json", buffer: Buffer.from("{}") });
  await expect(page.getByText(/“x\.json” was not taken in/)).toBeVisible();
  const other = JSON.parse(readFileSync(second, "utf8")) as Record<string, unknown>;
  await page.getByLabel("Bring a review in: file").setInputFiles({
    name: "other.json",
    mimeType: "application/json",
    buffer: Buffer.from(JSON.stringify({ ...other, postId: "another" })),
  });
  await expect(page.getByText(/is a review of another post/)).toBeVisible();
});

test("a pattern of addresses changes once it was seen which pages it moves, and each keeps a redirect", async ({
  page,
}) => {
  await openDesk(page);
  await page.goto("/settings");
  const pattern = page.getByRole("combobox", { name: "Pattern" });
  await choose(pattern, "The primary category: /blog/category/slug");
  const sheetOfIt = page.getByRole("dialog", { name: "Addresses that change" });
  await expect(sheetOfIt.getByRole("row", { name: /Cargo bike hire in Brackenford/ })).toContainText(
    "/journal/choosing-a-bike/cargo-bike-hire",
  );
  await expectAccessible(page, { within: "[role=dialog]" });
  await sheetOfIt.getByRole("button", { name: "Leave them as they are" }).click();
  await expect(pattern).toHaveText("Nothing: /blog/slug");
  await choose(pattern, "The primary category: /blog/category/slug");
  await sheetOfIt.getByRole("button", { name: /^Change \d+ addresses, with redirects$/ }).click();
  await expect(sheetOfIt).toBeHidden();
  await page.goto("/post/cargo-bike-hire/release");
  await expect(page.getByRole("region", { name: "Redirects" })).toContainText(
    "/journal/cargo-bike-hire → /journal/choosing-a-bike/cargo-bike-hire",
  );

  // The whole site goes out as files, the old addresses with it.
  await page.goto("/settings#connections");
  const file = await downloaded(page, () =>
    page.getByRole("button", { name: "Export the whole site, zipped" }).click(),
  );
  const files = unzipSync(readFileSync(file.path));
  expect(Object.keys(files)).toEqual(
    expect.arrayContaining([
      "index.html",
      "feed.xml",
      "style.css",
      "journal/choosing-a-bike/cargo-bike-hire/index.html",
    ]),
  );
  expect(strFromU8(files["journal/cargo-bike-hire/index.html"]!)).toContain(
    "url=/journal/choosing-a-bike/cargo-bike-hire",
  );
  expect(Object.keys(files).filter((name) => /^pictures\/.*-480\.jpg$/.test(name)).length).toBeGreaterThan(2);
});
