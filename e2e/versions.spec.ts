/** Versions: kept by hand and by themselves, compared word by word, and taken back whole or in one block. */
import { expect, expectAccessible, openStage, sheet, test } from "./test";

const POST = "/post/winter-cycling-with-children";

test("a version is named, compared and gone back to; what was before is kept", async ({ page }) => {
  await openStage(page, `${POST}/write`);
  const first = sheet(page).locator(":scope > p").first();
  const before = (await first.textContent())!;
  await page.getByRole("button", { name: "Versions" }).click();
  const dialog = page.getByRole("dialog", { name: "Versions" });
  await expect(dialog).toContainText("None yet");
  await dialog.getByLabel("Keep the current text under a name").fill("Sent to Ines");
  await dialog.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(dialog.getByRole("button", { name: /^Sent to Ines/ })).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole("button", { name: "Close" }).click();

  await first.click();
  await page.keyboard.insertText(" every autumn ");
  await expect(first).toContainText("every autumn");
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Note box" }).click();
  // The cursor goes back to the text when the menu has closed.
  await expect(sheet(page)).toBeFocused();
  await page.keyboard.insertText("A new line.");
  await expect(sheet(page).getByRole("note")).toHaveText("A new line.");
  await page.getByRole("button", { name: "Versions" }).click();
  await dialog.getByRole("button", { name: /^Sent to Ines/ }).click();
  const changes = dialog.getByRole("list", { name: "Changes" });
  const came = (text: string) => changes.getByRole("insertion").filter({ hasText: text });
  await expect(came("every autumn")).toHaveCount(1);
  await expect(came("A new line.")).toHaveCount(1);
  await expectAccessible(page);

  // One block back, the other stays.
  await changes.getByRole("button", { name: "Restore the old wording" }).click();
  await expect(came("every autumn")).toHaveCount(0);
  await expect(came("A new line.")).toHaveCount(1);
  await page.keyboard.press("Escape");
  await expect(first).toHaveText(before);
  await expect(sheet(page)).toContainText("A new line.");
  await page.getByRole("button", { name: "Versions" }).click();
  await dialog.getByRole("button", { name: /^Sent to Ines/ }).click();

  await dialog.getByRole("button", { name: "Go back to this version" }).click();
  await expect(dialog).toBeHidden();
  await expect(sheet(page)).not.toContainText("A new line.");
  await page.getByRole("button", { name: "Versions" }).click();
  await expect(dialog.getByText("before going back")).toBeVisible();
  // Undo works over it as over anything else.
  await page.keyboard.press("Escape");
  await sheet(page).click();
  await page.keyboard.press("Control+z");
  await expect(sheet(page)).toContainText("A new line.");
});
