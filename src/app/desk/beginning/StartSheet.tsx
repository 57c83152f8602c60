/** A site of one's own begins with four answers; what is there now is kept as a copy. */

import { useForm } from "react-hook-form";
import { messageOf } from "../../../core/messageOf";
import { originOf } from "../../../core/safety/origin";
import { categoriesOfLines } from "../../../core/site/makeCategories";
import { packedLanguages, primaryLanguage } from "../../../core/text/language";
import { saveSite } from "../../../data/saveSettings";
import { emptySite } from "../../../data/settings";
import { useAppDispatch } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { FieldLine } from "../../ui/FieldLine";
import { Select } from "../../ui/Select";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";
import { readSession } from "../../workspace/start";
import { replaceWorkspace } from "../../workspace/workspace";

/** Languages that are offered besides those with a pack: what needs none works in them too. */
const OTHERS = [
  "ar",
  "cs",
  "da",
  "el",
  "fi",
  "he",
  "hu",
  "ja",
  "ko",
  "nb",
  "pl",
  "ro",
  "sv",
  "tr",
  "uk",
  "zh",
];
const names = new Intl.DisplayNames("en", { type: "language" });
const PACKED: readonly string[] = packedLanguages.map(({ code }) => code);
const named = (code: string) => ({ value: code, label: names.of(code) ?? code });

interface Answers {
  name: string;
  address: string;
  language: string;
  /** Separated by commas. */
  categories: string;
}

/** An address as typed, as the site's origin; empty for none yet. Null where it is no address. */
const originIn = (address: string): string | null => (address.trim() ? originOf(address) : "");

export function StartSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const own = primaryLanguage(navigator.language);
  const form = useForm<Answers>({
    defaultValues: {
      name: "",
      address: "",
      language: [...PACKED, ...OTHERS].includes(own) ? own : "en",
      categories: "",
    },
  });
  const { errors, isSubmitting } = form.formState;
  const start = async ({ name, address, language, categories }: Answers) => {
    const title = name.trim();
    try {
      const outcome = await dispatch(
        replaceWorkspace({ kind: "empty" }, { why: `Before “${title}” was started` }),
      );
      if (outcome.kind !== "replaced")
        throw new Error(outcome.kind === "refused" ? outcome.refused.message : "Cancelled.");
      await saveSite({
        ...emptySite,
        name: title,
        blogName: title,
        origin: originIn(address) || emptySite.origin,
        language,
        categories: categoriesOfLines(
          categories
            .split(",")
            .map((one) => one.trim())
            .join("\n"),
          [],
        ),
      });
      await dispatch(readSession());
      onClose();
      toast(`“${title}” is ready. The demo is kept under Settings, Workspace.`, { duration: 12_000 });
    } catch (error) {
      form.setError("root", { message: messageOf(error) });
    }
  };
  return (
    <Sheet title="Start my own site" onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        noValidate
        onSubmit={(event) => void form.handleSubmit(start)(event)}
      >
        <FieldLine label="Name" hint={errors.name ? "The site needs a name." : "As readers know it."}>
          {(id) => (
            <input
              id={id}
              // biome-ignore lint/a11y/noAutofocus: the sheet opens because the person asked for it
              autoFocus
              className="field-box"
              maxLength={200}
              aria-invalid={errors.name !== undefined}
              {...form.register("name", { validate: (text) => text.trim() !== "" })}
            />
          )}
        </FieldLine>
        <FieldLine
          label="Address"
          hint={
            errors.address
              ? "Enter an address such as my-site.example, or leave it empty for now."
              : "Links to it count as internal. You can leave it empty for now."
          }
        >
          {(id) => (
            <input
              id={id}
              className="field-box"
              inputMode="url"
              placeholder="my-site.example"
              maxLength={300}
              aria-invalid={errors.address !== undefined}
              {...form.register("address", { validate: (text) => originIn(text) !== null })}
            />
          )}
        </FieldLine>
        <FieldLine label="Language" hint="Posts may have another.">
          {(id) => (
            <Select
              id={id}
              className="!w-auto"
              value={form.watch("language")}
              onChange={(code) => form.setValue("language", code)}
              options={[
                { group: "Word forms and readability supported", options: PACKED.map(named) },
                { group: "Exact words only", options: OTHERS.map(named) },
              ]}
            />
          )}
        </FieldLine>
        <FieldLine label="Categories" hint="Separated by commas. They can come later.">
          {(id) => <input id={id} className="field-box" maxLength={2000} {...form.register("categories")} />}
        </FieldLine>
        {errors.root && (
          <p role="alert" className="border-l-2 border-plum bg-plum-wash px-3 py-1.5 text-plum">
            The site was not started: {errors.root.message} Nothing here has changed.
          </p>
        )}
        <div className="flex items-center gap-3">
          <Button type="submit" kind="primary" disabled={isSubmitting}>
            {isSubmitting ? "Starting …" : "Start"}
          </Button>
          <span className="text-[13px] text-ink-2">
            What is here now is kept. You can bring it back under Settings, Workspace.
          </span>
        </div>
      </form>
    </Sheet>
  );
}
