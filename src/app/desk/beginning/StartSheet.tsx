/** A site of one's own begins with four answers; what is there now is kept as a copy. */

import { type FormEvent, useState } from "react";
import { toast } from "sonner";
import { messageOf } from "../../../core/messageOf";
import { originOf } from "../../../core/safety/origin";
import { packedLanguages, primaryLanguage } from "../../../core/text/language";
import { emptySite, saveSite } from "../../../data/settings";
import { useAppDispatch } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { FieldLine } from "../../ui/FieldLine";
import { Select } from "../../ui/Select";
import { Sheet } from "../../ui/Sheet";
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

export function StartSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [name, setName] = useState("");
  const [address, setAddress] = useState("");
  const own = primaryLanguage(navigator.language);
  const [language, setLanguage] = useState([...PACKED, ...OTHERS].includes(own) ? own : "en");
  const [categories, setCategories] = useState("");
  const [tried, setTried] = useState(false);
  const [busy, setBusy] = useState(false);
  const [failure, setFailure] = useState("");
  const origin = address.trim() ? originOf(address) : emptySite.origin;
  const start = async (event: FormEvent) => {
    event.preventDefault();
    setTried(true);
    if (!name.trim() || !origin) return;
    setBusy(true);
    try {
      const outcome = await dispatch(
        replaceWorkspace({ kind: "empty" }, { why: `Before “${name.trim()}” was started` }),
      );
      if (outcome.kind !== "replaced") {
        setFailure(outcome.kind === "refused" ? outcome.refused.message : "Cancelled.");
        setBusy(false);
        return;
      }
      await saveSite({
        ...emptySite,
        name: name.trim(),
        blogName: name.trim(),
        origin,
        language,
        categories: [...new Set(categories.split(",").map((one) => one.trim()))].filter(Boolean),
      });
      await dispatch(readSession());
      onClose();
      toast(`“${name.trim()}” is ready. The demo is kept under Settings, Workspace.`, { duration: 12_000 });
    } catch (error) {
      setFailure(messageOf(error));
      setBusy(false);
    }
  };
  return (
    <Sheet title="Start my own site" onClose={onClose}>
      <form className="flex flex-col gap-3" noValidate onSubmit={(event) => void start(event)}>
        <FieldLine
          label="Name"
          hint={tried && !name.trim() ? "The site needs a name." : "As readers know it."}
        >
          {(id) => (
            <input
              id={id}
              // biome-ignore lint/a11y/noAutofocus: the sheet opens because the person asked for it
              autoFocus
              className="field-box"
              maxLength={200}
              aria-invalid={tried && !name.trim()}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          )}
        </FieldLine>
        <FieldLine
          label="Address"
          hint={
            tried && !origin
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
              aria-invalid={tried && !origin}
              value={address}
              onChange={(event) => setAddress(event.target.value)}
            />
          )}
        </FieldLine>
        <FieldLine label="Language" hint="Posts may have another.">
          {(id) => (
            <Select
              id={id}
              className="!w-auto"
              value={language}
              onChange={setLanguage}
              options={[
                { group: "Word forms and readability supported", options: PACKED.map(named) },
                { group: "Exact words only", options: OTHERS.map(named) },
              ]}
            />
          )}
        </FieldLine>
        <FieldLine label="Categories" hint="Separated by commas. They can come later.">
          {(id) => (
            <input
              id={id}
              className="field-box"
              maxLength={2000}
              value={categories}
              onChange={(event) => setCategories(event.target.value)}
            />
          )}
        </FieldLine>
        {failure && (
          <p role="alert" className="border-l-2 border-plum bg-plum-wash px-3 py-1.5 text-plum">
            The site was not started: {failure} Nothing here has changed.
          </p>
        )}
        <div className="flex items-center gap-3">
          <Button type="submit" kind="primary" disabled={busy}>
            {busy ? "Starting …" : "Start"}
          </Button>
          <span className="text-[13px] text-ink-2">
            What is here now is kept. You can bring it back under Settings, Workspace.
          </span>
        </div>
      </form>
    </Sheet>
  );
}
