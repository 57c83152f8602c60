/** Writing: nothing typed is lost, what is pasted comes in clean, bad input is said and does no harm. */
import { readFileSync } from "node:fs";
import { expect, field, openDesk, openStage, paste, scoreOf, sheet, strip, TOUR, test } from "./test";

const DOG = "/post/carrying-a-dog-in-a-cargo-bike";

test.beforeEach(async ({ page }) => {
  await openDesk(page);
});

/** A post with nothing in it, open in Write. */
async function blankPost(page: Parameters<typeof sheet>[0]): Promise<void> {
  await page.getByRole("button", { name: "New post" }).first().click();
  await page.getByRole("link", { name: /^Write/ }).click();
  await sheet(page).click();
}

test("a tab closed in mid-sentence loses nothing older than a second", async ({ page, context }) => {
  await blankPost(page);
  const address = page.url();
  // Typing that never rests for three seconds, then the tab is gone without a warning.
  const typed: { word: string; at: number }[] = [];
  for (let i = 0; i < 30; i++) {
    const word = `w${i}x`;
    await page.keyboard.insertText(`${word} `);
    typed.push({ word, at: Date.now() });
    await page.waitForTimeout(100);
  }
  const closed = Date.now();
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto(address);
  await expect(sheet(again)).toContainText("w0x");
  const text = await sheet(again).innerText();
  const due = typed.filter(({ at }) => closed - at > 1000);
  expect(due.length).toBeGreaterThan(10);
  expect(due.filter(({ word }) => !text.includes(word))).toEqual([]);
});

test("what is typed right before going to another screen is there, and what is saved survives a reload", async ({
  page,
}) => {
  await blankPost(page);
  await page.keyboard.insertText("Straps first.");
  await page.getByRole("link", { name: "Desk" }).click();
  await page.goBack();
  await expect(sheet(page)).toContainText("Straps first.");
  await sheet(page).click();
  await page.keyboard.press("Control+End");
  await page.keyboard.insertText(" Then the belt.");
  await expect(page.getByText("Saving …")).toBeVisible();
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  await page.reload();
  await expect(sheet(page)).toContainText("Straps first. Then the belt.");
});

test("letters end their way at the text, keys that command go on to what is around, and so do letters in a field", async ({
  page,
}) => {
  await blankPost(page);
  await page.evaluate(() => {
    document.body.dataset.keys = "";
    document.addEventListener("keydown", ({ key }) => {
      document.body.dataset.keys += `${key} `;
    });
  });
  await page.keyboard.press("a");
  await page.keyboard.press("b");
  await page.keyboard.press("Control+b");
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("Escape");
  await expect(sheet(page)).toHaveText("ab");
  await field(page, "Post title").press("x");
  await expect(page.locator("body")).toHaveAttribute("data-keys", "Control b ArrowLeft Escape x ");
});

test("formatting by keyboard and by the bar over a selection, with undo", async ({ page }) => {
  await blankPost(page);
  await page.keyboard.insertText("Two belts hold the crate");
  await scoreOf(page);
  await page.keyboard.press("Shift+Home");
  await expect(page.getByRole("toolbar", { name: "Formatting" })).toBeVisible();
  await page.keyboard.press("Control+b");
  await expect(sheet(page).locator("strong")).toHaveText("Two belts hold the crate");
  await page.keyboard.press("Alt+F10");
  await expect(page.getByRole("button", { name: "Paragraph", exact: true })).toBeFocused();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("button", { name: "Heading 2" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(sheet(page).getByRole("heading", { level: 2 })).toHaveText("Two belts hold the crate");
  await page.keyboard.press("Control+z");
  await expect(sheet(page).getByRole("heading")).toHaveCount(0);
  await page.getByRole("toolbar", { name: "Insert" }).getByRole("button", { name: "Undo" }).click();
  await expect(sheet(page).locator("strong")).toHaveCount(0);
  await sheet(page).focus();
  // An address that a page must not link to is refused, in words.
  await page.keyboard.press("Control+a");
  await page.keyboard.press("Control+k");
  await page.getByLabel("Address of the link").fill("javascript:alert(1)");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "not link to this address" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(sheet(page)).toBeFocused();
});

test("a paste from a word processor keeps structure and loses the rest", async ({ page }) => {
  await blankPost(page);
  await paste(page, {
    "text/html": `<html><body><style>p{color:red}</style><h2 style="font-family:Foo">Why belts&nbsp;slip</h2><p class="X" style="margin:0;color:#f00"><span style="font-weight:700">Wet</span>  webbing   stretches.</p><p>&nbsp;</p><p></p>
      <p style="mso-list:l0 level1 lfo1"><span style="mso-list:Ignore">·  </span>Dry it</p><p style="mso-list:l0 level1 lfo1"><span style="mso-list:Ignore">·  </span>Turn it</p>
      <table><tr><th>Belt</th><th>Holds</th></tr><tr><td>Narrow</td><td>20 kg</td></tr></table><p>See <a href="https://brackenford-council.example/belts" style="color:blue" onclick="x()">the test</a>.</p></body></html>`,
  });
  await expect(sheet(page).getByRole("heading", { level: 2 })).toHaveText("Why belts slip");
  await expect(sheet(page).locator("strong")).toHaveText("Wet");
  await expect(sheet(page).getByRole("listitem")).toHaveText(["Dry it", "Turn it"]);
  await expect(sheet(page).getByRole("cell")).toHaveText(["Narrow", "20 kg"]);
  await expect(sheet(page).getByRole("link", { name: "the test" })).toHaveAttribute(
    "href",
    "https://brackenford-council.example/belts",
  );
  expect(await sheet(page).evaluate((element) => element.innerHTML)).not.toMatch(
    /color|onclick|font-family|&nbsp;|mso/,
  );
  // One step of undo takes the whole paste back.
  await page.keyboard.press("Control+z");
  await expect(sheet(page).getByRole("heading")).toHaveCount(0);
});

test("a cleaned paste says what it put right, and can be had as it came or with headings", async ({
  page,
}) => {
  await blankPost(page);
  const html = `<p><b>Before you ride</b></p><p>Look at the <a href="https://a.example/p?utm_source=x">page</a>.</p><p>&nbsp;</p><p>Then go.</p>`;
  await paste(page, { "text/html": html });
  await expect(
    page.getByText("Pasted and cleaned: 1 empty line removed; 1 link stripped of trackers."),
  ).toBeVisible();
  await expect(sheet(page).getByRole("link")).toHaveAttribute("href", "https://a.example/p");
  await page.getByRole("button", { name: "Make it one" }).click();
  await expect(sheet(page).getByRole("heading", { level: 2 })).toHaveText("Before you ride");
  await page.keyboard.press("Control+z");
  // What was typed right before is no part of the paste.
  await page.keyboard.insertText("Typed first. ");
  await paste(page, { "text/html": html });
  await page.getByRole("button", { name: "Paste as it is" }).last().click();
  await expect(sheet(page)).toContainText("Typed first.");
  await expect(sheet(page).getByRole("link")).toHaveAttribute("href", "https://a.example/p?utm_source=x");
  await expect(sheet(page).getByText("Then go.")).toHaveCount(1);
});

test("Markdown and rows with tabs are read as what they are", async ({ page }) => {
  await blankPost(page);
  await paste(page, { "text/plain": "## Locks\n\n- one\n- **two**" });
  await expect(sheet(page).getByRole("heading", { level: 2 })).toHaveText("Locks");
  await expect(sheet(page).locator("strong")).toHaveText("two");
  await sheet(page).press("Control+End");
  await page.keyboard.press("Enter");
  await page.keyboard.press("Enter");
  await paste(page, { "text/plain": "Lock\tWeight\nChain\t1.8 kg" });
  await expect(sheet(page).getByRole("columnheader")).toHaveText(["Lock", "Weight"]);
});

test("a script in pasted HTML never runs, nor does an image of it load", async ({ page }) => {
  await blankPost(page);
  await paste(page, {
    "text/html": `<p>Before</p><script>window.hit=1</script><img src="x" onerror="window.hit=2"><img src="https://tracker.example/p.gif" alt="dot"><svg onload="window.hit=3"></svg><a href="javascript:window.hit=4">bad</a><iframe srcdoc="<script>parent.hit=5</script>"></iframe><p onclick="window.hit=6">After</p>`,
  });
  await expect(sheet(page)).toContainText("After");
  await expect(sheet(page)).toContainText("kept as an address, not loaded from outside");
  await expect(sheet(page).locator('a[href^="javascript"]')).toHaveCount(0);
  expect(await page.evaluate(() => (window as never as { hit?: number }).hit)).toBeUndefined();
});

test("an imported page leaves what could act behind, and says so", async ({ page }) => {
  const buffer = Buffer.from(
    `<title>T</title><main><h1>Straps</h1><p>See <a href="javascript:window.hit=1">the strap</a> and <a href="/journal/locks">locks</a>.</p><script>window.hit=2</script><iframe src="javascript:parent.hit=3"></iframe><img src="data:image/svg+xml,<svg onload='parent.hit=4'/>" alt="x"></main>`,
  );
  await page
    .getByLabel("Import posts: files")
    .setInputFiles({ name: "page.html", mimeType: "text/html", buffer });
  await expect(
    page.getByText(/3 addresses that would run or open something unsafe were removed/),
  ).toBeVisible();
  await expect(sheet(page)).toContainText("See the strap and locks.");
  await expect(sheet(page).getByRole("link")).toHaveText(["locks"]);
  expect(await page.evaluate(() => (window as never as { hit?: number }).hit)).toBeUndefined();
});

test("a paste of five megabytes is refused in words, and the post is as it was", async ({ page }) => {
  await blankPost(page);
  await page.keyboard.insertText("Mine.");
  await paste(page, { "text/plain": "word after word after word\n\n".repeat(190_000) });
  await expect(
    page.getByText(/more than a post can. Nothing was pasted and your post is unchanged/),
  ).toBeVisible({ timeout: 30_000 });
  await expect(sheet(page)).toHaveText("Mine.");
});

test("a long paste comes in whole", async ({ page }) => {
  await blankPost(page);
  await paste(page, {
    "text/plain": Array.from({ length: 400 }, (_, i) => `Paragraph ${i} has these eight words in it.`).join(
      "\n\n",
    ),
  });
  await expect(
    page.getByRole("region", { name: "Length and keyword use" }).getByText("3,200 words"),
  ).toBeVisible({ timeout: 20_000 });
});

test("a picture that cannot be read is said, and the good one beside it comes in", async ({ page }) => {
  await blankPost(page);
  await page.getByLabel("Picture files").setInputFiles([
    {
      name: "broken.jpg",
      mimeType: "image/jpeg",
      buffer: readFileSync("demo/pictures/folding-lock.jpg").subarray(0, 300),
    },
    { name: "notes.jpg", mimeType: "image/jpeg", buffer: Buffer.from("plain text") },
    {
      name: "folding-lock.jpg",
      mimeType: "image/jpeg",
      buffer: readFileSync("demo/pictures/folding-lock.jpg"),
    },
  ]);
  await expect(page.getByText(/“broken.jpg” is damaged.*Your post is unchanged/)).toBeVisible();
  await expect(page.getByText(/“notes.jpg” is not a JPEG, PNG, GIF, WebP or AVIF picture/)).toBeVisible();
  await expect(sheet(page).locator("figure")).toHaveCount(1);
  await field(page, "Alt text").fill("Folding lock, closed");
  await page.getByLabel("Decoration").check();
  await expect(field(page, "Alt text")).toBeDisabled();
  await page.getByLabel("Decoration").uncheck();
  await expect(field(page, "Alt text")).toHaveValue("Folding lock, closed");
  await scoreOf(page);
  await page.reload();
  await expect(sheet(page).getByRole("img", { name: "Folding lock, closed" })).toBeVisible();
});

test("pictures and files come in by drop and by paste", async ({ page }) => {
  await blankPost(page);
  const bytes = [...readFileSync("demo/pictures/folding-lock.jpg")];
  await sheet(page).evaluate((target, data) => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([new Uint8Array(data)], "dropped-lock.jpg", { type: "image/jpeg" }));
    // What no page shows is offered to download.
    transfer.items.add(new File(["%PDF-1.7 x"], "lock-test.pdf", { type: "application/pdf" }));
    const { left, top } = target.getBoundingClientRect();
    target.dispatchEvent(
      new DragEvent("drop", {
        dataTransfer: transfer,
        bubbles: true,
        cancelable: true,
        clientX: left + 20,
        clientY: top + 10,
      }),
    );
  }, bytes);
  await expect(sheet(page).getByText(/dropped-lock\.jpg, \d+ KB/)).toBeVisible();
  await expect(sheet(page).getByText("lock test")).toBeVisible();
  await expect(sheet(page).getByText("PDF, 10 B")).toBeVisible();
  await sheet(page).evaluate((target, data) => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([new Uint8Array(data)], "pasted-lock.jpg", { type: "image/jpeg" }));
    target.dispatchEvent(
      new ClipboardEvent("paste", { clipboardData: transfer, bubbles: true, cancelable: true }),
    );
  }, bytes);
  await expect(sheet(page).getByText(/pasted-lock\.jpg, \d+ KB/)).toBeVisible();
  // Steps closer than half a second are undone as one.
  await scoreOf(page);
  await page.waitForTimeout(600);
  await page.getByRole("button", { name: "Remove the picture dropped-lock.jpg" }).click();
  await expect(sheet(page).locator("figure")).toHaveCount(1);
  await page.getByRole("toolbar", { name: "Insert" }).getByRole("button", { name: "Undo" }).click();
  await expect(sheet(page).locator("figure")).toHaveCount(2);
});

test("margin notes stand level with their paragraphs and never lie on each other", async ({ page }) => {
  await openStage(page, `${TOUR}/write`);
  const notes = page.getByRole("region", { name: "Margin notes" });
  await expect(notes.getByRole("button")).not.toHaveCount(0);
  await page.waitForTimeout(600);
  const note = notes.getByRole("button", { name: /^Anchor texts/ });
  const paragraph = sheet(page).locator("p", { hasText: "for the town's grant" });
  const boxes = { note: (await note.boundingBox())!, paragraph: (await paragraph.boundingBox())! };
  expect(Math.abs(boxes.note.y - boxes.paragraph.y)).toBeLessThan(40);
  await note.focus();
  await page.keyboard.press("Enter");
  await expect(notes.getByText("“here”")).toBeVisible();
  const rows = await notes
    .locator(":scope > div")
    .evaluateAll((all) =>
      all.map((box) => box.getBoundingClientRect()).map(({ top, bottom }) => [top, bottom]),
    );
  for (let i = 1; i < rows.length; i++) expect(rows[i]![0]).toBeGreaterThanOrEqual(rows[i - 1]![1]!);
});

test("a post pasted raw does not pass the gate, cleaned in one step, and can be put back", async ({
  page,
}) => {
  await openStage(page, `${DOG.replace("-in-a-cargo-bike", "")}/release`);
  const gates = page.getByRole("region", { name: "Gates" });
  await expect(gates.getByText(/doubled blanks|markers typed|empty paragraphs/)).toBeVisible();
  await gates.getByRole("button", { name: "Clean it" }).click();
  await expect(gates.getByText(/doubled blanks|markers typed|empty paragraphs/)).toBeHidden();
  await gates.getByRole("button", { name: /gates? passed$/ }).click();
  await expect(gates.getByText("The text is clean.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(gates.getByText("The text is clean.")).toBeHidden();
  // Gates that are not passed keep the files in, until they are knowingly waived.
  await expect(page.getByRole("button", { name: "HTML page" })).toBeDisabled();
  await page.getByLabel(/I know that \d gates? (is|are) not passed/).check();
  await expect(page.getByRole("button", { name: "HTML page" })).toBeEnabled();
});

test("a second tab on the same post reads until it takes over", async ({ page, context }) => {
  await openStage(page, `${TOUR}/write`);
  await expect(sheet(page)).toBeEditable();
  const second = await context.newPage();
  await openStage(second, `${TOUR}/write`);
  await expect(second.getByText("This post is open in another tab")).toBeVisible();
  await expect(sheet(second)).toHaveAttribute("contenteditable", "false");
  await second.getByRole("button", { name: "Write here instead" }).click();
  await expect(sheet(second)).toHaveAttribute("contenteditable", "true");
  await expect(page.getByText("This post is open in another tab")).toBeVisible();
});

test("over-using the keyword lowers the score, and the reason says so", async ({ page }) => {
  await openStage(page, `${TOUR}/write`);
  const before = await scoreOf(page);
  await sheet(page).click();
  await page.keyboard.press("Control+End");
  await page.keyboard.insertText(" electric cargo bike for families".repeat(40));
  await expect(
    strip(page).getByRole("button", { name: /^Keyword use in the text: 0 of 5\. .* too many/ }),
  ).toBeVisible();
  await expect.poll(() => scoreOf(page)).toBeLessThan(before);
});

test("a large picture is made to fit, said with its sizes, and the original can be kept", async ({
  page,
}) => {
  await blankPost(page);
  // Noise, which no compression makes small: three thousand pixels wide.
  const wide = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(3000, 400);
    const context = canvas.getContext("2d")!;
    const image = context.createImageData(3000, 400);
    for (let i = 0; i < image.data.length; i++) image.data[i] = i % 4 === 3 ? 255 : (i * 2654435761) >>> 24;
    context.putImageData(image, 0, 0);
    const blob = await canvas.convertToBlob({ type: "image/png" });
    return [...new Uint8Array(await blob.arrayBuffer())];
  });
  await page
    .getByLabel("Picture files")
    .setInputFiles({ name: "Yard in May.png", mimeType: "image/png", buffer: Buffer.from(wide) });
  await expect(page.getByText(/“Yard in May.png”: .* became .*; 3000 pixels wide became 1600/)).toBeVisible();
  const picture = sheet(page).getByRole("figure");
  await expect(picture).toContainText("Yard in May.webp");
  await page.getByRole("button", { name: "Keep the original" }).click();
  await expect(picture).toContainText("Yard in May.png");
  expect(await picture.locator("img").evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(3000);
});

test("storage that is nearly full stops pictures and not the text", async ({ page }) => {
  await page.evaluate(() => {
    navigator.storage.estimate = () => Promise.resolve({ usage: 990_000_000, quota: 1_000_000_000 });
  });
  await blankPost(page);
  await page.getByLabel("Picture files").setInputFiles({
    name: "a.png",
    mimeType: "image/png",
    buffer: readFileSync("docs/screenshots/desk.png"),
  });
  await expect(page.getByText(/storage is nearly full .* Your text is still saved/)).toBeVisible();
  await sheet(page).click();
  await page.keyboard.insertText("Still here.");
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  await expect(sheet(page).getByRole("figure")).toHaveCount(0);
});
