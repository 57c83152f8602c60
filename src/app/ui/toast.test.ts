import { expect, it, vi } from "vitest";
import { createNotices } from "./toast";

it("keeps what is said before notices can be shown, and shows it in order", () => {
  const { toast, showNotices } = createNotices();
  const shown: unknown[] = [];
  const note = (kind: string) => (text: string, options: object) => void shown.push([kind, text, options]);
  const dismiss = vi.fn();
  const show = Object.assign(vi.fn(), {
    message: note("message"),
    error: note("error"),
    loading: note("loading"),
    dismiss,
  });
  toast.error("It was not saved.", { id: "saving", duration: 9 });
  const reading = toast.loading("Reading …");
  expect(shown).toEqual([]);

  showNotices(show as unknown as Parameters<typeof showNotices>[0]);
  expect(shown).toEqual([
    ["error", "It was not saved.", { id: "saving", duration: 9 }],
    ["loading", "Reading …", { id: reading }],
  ]);

  toast("Deleted.");
  toast.dismiss(reading);
  expect(shown).toHaveLength(3);
  expect(dismiss).toHaveBeenCalledWith(reading);
});
