/** What the site is called, where it is, and what its posts have in common. */
import { FieldLine } from "../../ui/FieldLine";
import { Select } from "../../ui/Select";
import type { SiteFieldName } from "./siteForm";
import { useSiteForm } from "./useSiteForm";

const PATTERNS = [
  { value: "slug", label: "Nothing: /blog/slug" },
  { value: "category/slug", label: "The primary category: /blog/category/slug" },
];

const H1_OF_POST = [
  { value: "auto", label: "The title, if the text has no H1 of its own" },
  { value: "always", label: "Always the title" },
  { value: "never", label: "Never the title" },
];

export function SiteSection() {
  const { field, choice, fault, onSubmit, sheet } = useSiteForm();
  const line = (name: SiteFieldName, label: string, hint = "", className = "") => (
    <FieldLine label={label} {...(hint && { hint })}>
      {(id) => (
        <>
          <input id={id} className={`field-box ${className}`} {...field(name)} />
          <Fault name={name} says={fault(name)} />
        </>
      )}
    </FieldLine>
  );
  const lines = (name: SiteFieldName, label: string, hint: string) => (
    <FieldLine label={label} hint={hint}>
      {(id) => (
        <>
          <textarea id={id} className="field-box grow-field" rows={2} {...field(name)} />
          <Fault name={name} says={fault(name)} />
        </>
      )}
    </FieldLine>
  );
  return (
    <form className="flex flex-col gap-3" noValidate onSubmit={(event) => void onSubmit(event)}>
      {line("name", "Name")}
      {line("blogName", "Blog")}
      {line("origin", "Address", "Scheme and host. Links to it count as internal.")}
      {line("basePath", "Path of posts", "Goes before every slug, with a slash at both ends.")}
      <FieldLine label="Pattern" hint="What comes between the path of posts and the slug.">
        {(id) => <Select id={id} options={PATTERNS} {...choice("addressPattern")} />}
      </FieldLine>
      {line("timeZone", "Time zone", "Days and minutes of the site are of it: Europe/Paris, UTC.", "!w-64")}
      {line(
        "titleSuffix",
        "Title suffix",
        "What the site adds to the end of every meta title, including its leading blank.",
      )}
      <FieldLine label="H1 of a post">
        {(id) => <Select id={id} options={H1_OF_POST} {...choice("titleAsH1")} />}
      </FieldLine>
      {line("language", "Language", "A language tag: en, de, fr-CA. New posts start with it.", "!w-32")}
      {line(
        "overlapLimit",
        "Overlap",
        "Two lists are marked as competing when they share more than this percentage of their keywords.",
        "figures !w-32",
      )}
      {lines(
        "categories",
        "Categories",
        "One per line; two blanks before a category put it under the one above.",
      )}
      {lines("authors", "Authors", "One per line. New posts get the first one.")}
      {lines(
        "pages",
        "Other pages",
        "Paths of pages that are not posts, one per line. A link to any other path counts as broken.",
      )}
      {sheet}
      {/* Enter in a field stores it, as leaving it does. */}
      <button type="submit" className="sr-only" tabIndex={-1}>
        Save
      </button>
    </form>
  );
}

function Fault({ name, says }: { name: SiteFieldName; says: string | undefined }) {
  return (
    <p id={`${name}-fault`} role={says ? "alert" : undefined} className="text-[13px] text-plum empty:hidden">
      {says}
    </p>
  );
}
