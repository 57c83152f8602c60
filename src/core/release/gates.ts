/** Gates: what must be right, or knowingly waved through, before release. */
import type { Draft, PictureBlock } from "../draft/draft";

export type GateId =
  | "title"
  | "keyword"
  | "description"
  | "slug"
  | "lead-picture"
  | "raw-paste"
  | "leftovers"
  | "begun";

export interface Gate {
  id: GateId;
  name: string;
  open: boolean;
  /** What is so, or what is wrong and what to do. */
  says: string;
}

export interface GateContext {
  /** Posts of the site that have this slug too, by title. */
  sameSlug: string[];
  /** What is raw in the document, in words. */
  rawSigns: string[];
  /** What is left of the post that this one was copied from, by name; null where it is no copy. */
  leftovers: { title: string; names: string[] } | null;
  /** Texts that the application began and nobody has looked at; null where it began none. */
  begun: string[] | null;
}

export function gates(draft: Draft, context: GateContext): Gate[] {
  const { meta, blocks } = draft;
  const lead = blocks.find((block): block is PictureBlock => block.kind === "picture");
  return [
    gate("title", "Title", meta.title !== "", meta.title ? `“${meta.title}”` : "The post has no title."),
    gate(
      "keyword",
      "Target keyword",
      meta.keyword !== "",
      meta.keyword ? `“${meta.keyword}”` : "No target keyword is chosen: choose one in Find.",
    ),
    gate(
      "description",
      "Meta description",
      meta.description !== "",
      meta.description ? "There is one." : "There is no meta description: results pages would make one up.",
    ),
    slugGate(meta.slug, context.sameSlug),
    leadGate(lead),
    gate(
      "raw-paste",
      "Nothing pasted raw",
      !context.rawSigns.length,
      context.rawSigns.length ? `The text has ${context.rawSigns.join(", ")}.` : "The text is clean.",
    ),
    ...(context.leftovers ? [leftoversGate(context.leftovers)] : []),
    ...(context.begun
      ? [
          gate(
            "begun",
            "Begun texts looked at",
            !context.begun.length,
            context.begun.length
              ? `Begun by a mend, and to be looked at in Proof: ${context.begun.map((text) => `“${text}”`).join(", ")}.`
              : "All are looked at.",
          ),
        ]
      : []),
  ];
}

function leftoversGate({ title, names }: NonNullable<GateContext["leftovers"]>): Gate {
  return gate(
    "leftovers",
    "Nothing left of the post it was copied from",
    !names.length,
    names.length
      ? `${names.length} ${names.length === 1 ? "thing is" : "things are"} as in “${title}”: ${[...new Set(names)].join(", ").toLowerCase()}.`
      : `All is new, or was accepted, since “${title}”.`,
  );
}

function gate(id: GateId, name: string, open: boolean, says: string): Gate {
  return { id, name, open, says };
}

function slugGate(slug: string, same: string[]): Gate {
  if (!slug) return gate("slug", "Slug of its own", false, "There is no slug: the post has no address.");
  if (same.length) return gate("slug", "Slug of its own", false, `“${same[0]}” has the same slug.`);
  return gate("slug", "Slug of its own", true, `/${slug}`);
}

function leadGate(lead: PictureBlock | undefined): Gate {
  const name = "Alt text of the lead picture";
  if (!lead)
    return gate(
      "lead-picture",
      name,
      false,
      "There is no picture: nothing to lead with, and nothing to share.",
    );
  if (lead.decorative) return gate("lead-picture", name, false, "The first picture is marked as decoration.");
  return gate(
    "lead-picture",
    name,
    Boolean(lead.alt),
    lead.alt ? `“${lead.alt}”` : "The first picture has no alt text.",
  );
}
