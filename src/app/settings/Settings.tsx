/** Settings: what the site is called and where it is, the profile that scores it, and the workspace as one file. */
import { type ReactNode, useEffect } from "react";
import { useLocation } from "react-router";
import { AppearanceSection } from "./AppearanceSection";
import { ConnectionsSection } from "./connections/ConnectionsSection";
import { GatesSection } from "./GatesSection";
import { ProfileSection } from "./ProfileSection";
import { PlacesSection } from "./site/PlacesSection";
import { SiteSection } from "./site/SiteSection";
import { VoicesSection } from "./voices/VoicesSection";
import { WorkspaceSection } from "./workspace/WorkspaceSection";

export function Settings() {
  const { hash } = useLocation();
  useEffect(() => {
    document.title = "Settings · Dune Sparrow";
    // A link may name a section, and the page was not there yet when the browser looked for it.
    document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  return (
    <div className="mx-auto w-full max-w-4xl px-6 py-5">
      <h1 className="mb-4 font-serif text-2xl">Settings</h1>
      <Section title="Site">
        <SiteSection />
      </Section>
      <Section title="Places" id="places">
        <PlacesSection />
      </Section>
      <Section title="Scoring" id="scoring">
        <ProfileSection />
      </Section>
      <Section title="Voices" id="voices">
        <VoicesSection />
      </Section>
      <Section title="Gates" id="gates">
        <GatesSection />
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
