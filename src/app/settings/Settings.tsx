/** Settings: what the site is called and where it is, the profile that scores it, and the workspace as one file. */
import { type ReactNode, useEffect, useState } from "react";
import { useLocation } from "react-router";
import { originOf } from "../../core/safety/origin";
import type { Site } from "../../data/model";
import { OVERLAP_LIMIT, saveSite } from "../../data/settings";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { siteChanged } from "../store/sessionSlice";
import { FieldLine } from "../ui/FieldLine";
import { ListField } from "../ui/ListField";
import { NumberField } from "../ui/NumberField";
import { AppearanceSection } from "./AppearanceSection";
import { CheckedField } from "./CheckedField";
import { ConnectionsSection } from "./connections/ConnectionsSection";
import { ProfileSection } from "./ProfileSection";
import { WorkspaceSection } from "./workspace/WorkspaceSection";

export function Settings() {
  const site = useAppSelector((state) => state.session.site);
  const dispatch = useAppDispatch();
  const { hash } = useLocation();
  const [failure, setFailure] = useState("");
  useEffect(() => {
    document.title = "Settings · Dune Sparrow";
    // A link may name a section, and the page was not there yet when the browser looked for it.
    document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  const edit = (changes: Partial<Site>) => {
    const next = { ...site, ...changes };
    dispatch(siteChanged(next));
    saveSite(next).then(
      () => setFailure(""),
      (error: Error) => setFailure(error.message),
    );
  };
  return (
    <div className="mx-auto w-full max-w-3xl px-6 py-5">
      <h1 className="mb-4 font-serif text-2xl">Settings</h1>
      {failure && (
        <p role="alert" className="mb-3 border-l-2 border-plum bg-plum-wash px-3 py-1.5 text-plum">
          The change is not saved ({failure}). It holds in this tab; change it again to retry.
        </p>
      )}
      <Section title="Site">
        <div className="flex flex-col gap-3">
          <FieldLine label="Name">
            {(id) => (
              <input
                id={id}
                className="field-box"
                value={site.name}
                onChange={(e) => edit({ name: e.target.value })}
              />
            )}
          </FieldLine>
          <FieldLine label="Blog">
            {(id) => (
              <input
                id={id}
                className="field-box"
                value={site.blogName}
                onChange={(e) => edit({ blogName: e.target.value })}
              />
            )}
          </FieldLine>
          <FieldLine label="Address" hint="Scheme and host. Links to it count as internal.">
            {(id) => (
              <CheckedField
                id={id}
                value={site.origin}
                fault={(text) =>
                  originOf(text) ? null : "An address such as https://my-site.example is needed."
                }
                onChange={(text) => edit({ origin: originOf(text)! })}
              />
            )}
          </FieldLine>
          <FieldLine label="Path of posts" hint="Stands before every slug, with slashes at both ends.">
            {(id) => (
              <CheckedField
                id={id}
                value={site.basePath}
                fault={(text) =>
                  /^\/(?:[^\s/]+\/)*$/.test(text) ? null : "A path such as /blog/ is needed, or / alone."
                }
                onChange={(basePath) => edit({ basePath })}
              />
            )}
          </FieldLine>
          <FieldLine
            label="Title suffix"
            hint="What the site puts behind every meta title, with its leading blank."
          >
            {(id) => (
              <input
                id={id}
                className="field-box"
                value={site.titleSuffix}
                onChange={(e) => edit({ titleSuffix: e.target.value })}
              />
            )}
          </FieldLine>
          <FieldLine label="H1 of a post">
            {(id) => (
              <select
                id={id}
                className="field-box"
                value={site.titleAsH1}
                onChange={(e) => edit({ titleAsH1: e.target.value as Site["titleAsH1"] })}
              >
                <option value="auto">The title, where the text has no H1 of its own</option>
                <option value="always">Always the title</option>
                <option value="never">Never the title</option>
              </select>
            )}
          </FieldLine>
          <FieldLine label="Language" hint="As a tag: en, de, fr-CA. New posts begin with it.">
            {(id) => (
              <input
                id={id}
                className="field-box !w-32"
                maxLength={20}
                value={site.language}
                onChange={(e) => edit({ language: e.target.value.trim() })}
              />
            )}
          </FieldLine>
          <FieldLine
            label="Overlap"
            hint="Per cent of shared keywords above which two lists are marked as competing."
          >
            {(id) => (
              <NumberField
                id={id}
                most={100}
                value={site.overlapLimit ?? OVERLAP_LIMIT}
                onChange={(overlapLimit) => edit({ overlapLimit })}
              />
            )}
          </FieldLine>
          <FieldLine label="Categories" hint="One per line.">
            {(id) => (
              <ListField
                id={id}
                by={"\n"}
                entries={site.categories}
                onChange={(categories) => edit({ categories })}
              />
            )}
          </FieldLine>
          <FieldLine label="Authors" hint="One per line. New posts are the first one's.">
            {(id) => (
              <ListField id={id} by={"\n"} entries={site.authors} onChange={(authors) => edit({ authors })} />
            )}
          </FieldLine>
          <FieldLine
            label="Other pages"
            hint="Paths of pages that are no posts, one a line. A link to a path that is neither counts as broken."
          >
            {(id) => (
              <ListField id={id} by={"\n"} entries={site.pages} onChange={(pages) => edit({ pages })} />
            )}
          </FieldLine>
        </div>
      </Section>
      <Section title="Scoring" id="scoring">
        <ProfileSection />
      </Section>
      <Section title="Appearance" id="appearance">
        <AppearanceSection />
      </Section>
      <Section title="Connections" id="connections">
        <ConnectionsSection />
      </Section>
      <Section title="Workspace" id="workspace">
        <WorkspaceSection />
      </Section>
    </div>
  );
}

function Section({ title, id, children }: { title: string; id?: string; children: ReactNode }) {
  return (
    <section id={id} aria-label={title} className="mb-6 border border-rule bg-sheet p-4">
      <h2 className="mb-3 font-serif text-lg">{title}</h2>
      {children}
    </section>
  );
}
