import { useState } from "react";
import { defaultProfile, type Profile } from "../../core/proof/profile";
import { checks } from "../../core/proof/registry";
import { saveProfile } from "../../data/saveSettings";
import { parseProfile } from "../../data/schemas/validate";
import { changeSite } from "../store/changeSite";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { profileChanged } from "../store/sessionSlice";
import { Button } from "../ui/Button";
import { download } from "../ui/download";
import { FileButton } from "../ui/FileButton";
import { Term } from "../ui/Term";
import { toast } from "../ui/toast";
import { ProfileSheet } from "./profile/ProfileSheet";
import { ownProfile } from "./profile/profileForm";
import { Refusal } from "./Refusal";

/** The profile in force: weights and thresholds, as a file. */
export function ProfileSection() {
  const profile = useAppSelector((state) => state.session.profile);
  const dispatch = useAppDispatch();
  const [editing, setEditing] = useState(false);
  const [refused, setRefused] = useState<unknown>(null);
  const use = async (next: Profile) => {
    const before = profile;
    try {
      await saveProfile(next);
    } catch (error) {
      setRefused(error);
      return;
    }
    dispatch(profileChanged(next));
    setRefused(null);
    toast(`Scores now come from “${next.name}”, version ${next.version}.`, {
      action: { label: "Undo", onClick: () => void use(before) },
    });
  };
  const read = async (file: File) => {
    try {
      const read = parseProfile(await file.text());
      // What calls itself the default profile and is another gets a name of its own.
      await use(
        sameValues(read, defaultProfile)
          ? defaultProfile
          : read.id === defaultProfile.id
            ? ownProfile(read, profile)
            : read,
      );
    } catch (error) {
      setRefused(error);
    }
  };
  const weight = Object.values(profile.checks).reduce((sum, check) => sum + check.weight, 0);
  return (
    <>
      <p className="mb-2">
        <Term id="profile">{profile.name}</Term>, version {profile.version}:{" "}
        {Object.keys(profile.checks).length} checks, weights that sum to {weight}.
      </p>
      <Refusal error={refused} safe="The profile in force is unchanged." />
      <div className="flex flex-wrap gap-2">
        <Button kind="primary" onClick={() => setEditing(true)}>
          Change weights and thresholds
        </Button>
        <FileButton label="Use another profile" accept=".json" onFile={(file) => void read(file)} />
        <Button
          onClick={() =>
            download(
              new Blob([`${JSON.stringify(profile, null, 2)}\n`], { type: "application/json" }),
              `${profile.id}.profile.json`,
            )
          }
        >
          Download it
        </Button>
        <Button
          disabled={profile.id === defaultProfile.id && profile.version === defaultProfile.version}
          onClick={() => void use(defaultProfile)}
        >
          Use the default profile
        </Button>
      </div>
      <SiteSetAside />
      {editing && (
        <ProfileSheet
          profile={profile}
          onTake={(draft) =>
            void use(sameValues(draft, defaultProfile) ? defaultProfile : ownProfile(draft, profile))
          }
          onClose={() => setEditing(false)}
        />
      )}
    </>
  );
}

/** Checks that are overruled for every post, and the way back. */
function SiteSetAside() {
  const site = useAppSelector((state) => state.session.site);
  const dispatch = useAppDispatch();
  const all = Object.entries(site.setAside ?? {});
  if (!all.length) return null;
  const change = (setAside: Record<string, string>) => dispatch(changeSite({ setAside }));
  return (
    <div className="mt-4">
      <h3 className="mb-1 text-[13px]">Set aside for the whole site</h3>
      <ul className="border-t border-rule">
        {all.map(([id, why]) => {
          const name = checks.find((check) => check.id === id)?.name ?? id;
          return (
            <li key={id} className="flex items-baseline gap-3 border-b border-rule py-1.5">
              <span className="font-semibold">{name}</span>
              <span className="min-w-0 flex-1 text-ink-2">{why}</span>
              <button
                type="button"
                className="quiet-link"
                aria-label={`Judge “${name}” again`}
                onClick={async () => {
                  const before = site.setAside ?? {};
                  if (await change(Object.fromEntries(all.filter(([other]) => other !== id))))
                    toast(`“${name}” is judged again.`, {
                      action: { label: "Undo", onClick: () => void change(before) },
                    });
                }}
              >
                Check again
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

const sameValues = (a: Profile, b: Profile): boolean => JSON.stringify(a) === JSON.stringify(b);
