/** Pictures of a post: taken from a shelf, cut, named, replaced, and taken away as what everything reads. */
import { readFileSync } from "node:fs";
import { strFromU8, unzipSync } from "fflate";
import { downloaded, expect, expectAccessible, field, openStage, sheet, test } from "./test";

const POST = "/post/winter-cycling-with-children";

test("a picture comes from the photo shelf, is cut and named, replaced without losing its words, and leaves as JPEG", async ({
  page,
}) => {
  await openStage(page, `${POST}/write`);
  await sheet(page).press("Control+End");
  const before = await sheet(page).getByRole("figure").count();
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Picture from a shelf" }).click();
  // The site's own pictures are there too, with the posts that show them.
  await expect(page.getByRole("button", { name: "Use folding-lock.jpg" })).toContainText("1 post");
  await page.getByRole("tab", { name: "Photo shelf (stand-in)" }).click();
  await page.getByRole("searchbox", { name: "Search pictures" }).fill("snowing");
  await expect(page.getByText(/^1 picture from the stand-in/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Use Box bike in falling snow" }).click();

  const figure = sheet(page).getByRole("figure").last();
  await expect(sheet(page).getByRole("figure")).toHaveCount(before + 1);
  const alt = figure.getByRole("textbox", { name: "Alt text" });
  await expect(alt).toHaveValue("Box bike in falling snow");
  await expect(figure).toContainText("Picture: Mirre Oakes");
  const tools = page.getByRole("region", { name: "Picture tools" });
  const image = figure.getByRole("img", { name: "Box bike in falling snow" });
  await expect(image).toHaveAttribute("width", "1200");
  await image.click();

  // Cut to a square, with a focus; one step of undo.
  await tools.getByRole("button", { name: "crop and focus" }).click();
  const dialog = page.getByRole("dialog", { name: "Crop and focus" });
  await dialog.getByRole("button", { name: "square" }).click();
  await expect(dialog.getByText("800 × 800 of 1,200 × 800 pixels")).toBeVisible();
  for (let i = 0; i < 3; i++) await dialog.getByRole("slider", { name: "Down" }).press("PageUp");
  await expectAccessible(page);
  await dialog.getByRole("button", { name: "Use this" }).click();
  await expect(image).toHaveAttribute("width", "800");
  await expect(image).toHaveCSS("object-position", "50% 80%");
  await expect(sheet(page)).toBeFocused();
  await page.keyboard.press("Control+z");
  await expect(image).toHaveAttribute("width", "1200");
  await page.keyboard.press("Control+y");
  await expect(image).toHaveAttribute("width", "800");
  await image.click();
  await tools.getByRole("button", { name: "back to the original" }).click();
  await expect(image).toHaveAttribute("width", "1200");
  await expect(sheet(page)).toBeFocused();
  await page.keyboard.press("Control+z");
  await expect(image).toHaveAttribute("width", "800");

  // Named after its alt text, by hand, and never so that a server would refuse it.
  await image.click();
  await tools.getByRole("button", { name: "Use “box-bike-in-falling-snow.webp”" }).click();
  await expect(field(page, "File name")).toHaveValue("box-bike-in-falling-snow.webp");
  await field(page, "File name").fill("Snow / Bike");
  await field(page, "File name").press("Enter");
  await expect(field(page, "File name")).toHaveValue("snow-bike.webp");
  await expect(sheet(page)).toBeFocused();
  // A name is taken on the way to another field, too, and the focus goes where it was sent.
  await field(page, "File name").fill("Bike in snow");
  await alt.focus();
  await expect(field(page, "File name")).toHaveValue("bike-in-snow.webp");
  await expect(alt).toBeFocused();
  await field(page, "File name").fill("Snow bike");
  await field(page, "File name").press("Enter");

  // Out as JPEG; the page carries the same name.
  await page.getByRole("link", { name: /^Release/ }).click();
  await expect(page.getByRole("region", { name: "Gates" })).toBeVisible();
  const waived = page.getByLabel(/I know that/);
  if (await waived.isVisible()) await waived.check();
  await page.getByLabel("Pictures as JPEG, for programs that cannot read WebP").check();
  const zip = await downloaded(page, () =>
    page.getByRole("button", { name: "Markdown and pictures, zipped" }).click(),
  );
  const files = unzipSync(readFileSync(zip.path));
  expect([...files["pictures/snow-bike.jpg"]!.subarray(0, 3)]).toEqual([0xff, 0xd8, 0xff]);
  const [, markdown] = Object.entries(files).find(([name]) => name.endsWith(".md"))!;
  expect(strFromU8(markdown)).toContain('data-focus="50 80"');

  // Another file in its place keeps what was said of it.
  await page.getByRole("link", { name: /^Write/ }).click();
  await image.click();
  await page.getByLabel("File to replace the picture").setInputFiles("demo/pictures/folding-lock.jpg");
  await expect(field(page, "File name")).toHaveValue("folding-lock.jpg");
  await expect(alt).toHaveValue("Box bike in falling snow");
  await expect(figure).toContainText("Picture: Mirre Oakes");
});
