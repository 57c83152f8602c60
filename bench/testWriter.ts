import type { Page } from "@playwright/test";

/** Connects the test writer, as a person does in Settings, with a model that goes on and on. */
export async function connectEndlessWriter(page: Page): Promise<void> {
  await page.goto("/settings#connections");
  await page.getByRole("combobox", { name: "Writer", exact: true }).click();
  await page.getByRole("option", { name: "A connected writer" }).click();
  await page.getByRole("button", { name: "Use the test writer" }).click();
  const model = page.getByLabel("Model", { exact: true });
  await model.fill("test-endless");
  await model.press("Enter");
  await page.waitForTimeout(1000);
}
