import { useState } from "react";
import { toast } from "sonner";
import { houseProfile, type Profile } from "../../core/proof/profile";
import { parseProfile } from "../../data/schemas/validate";
import { saveProfile } from "../../data/settings";
import { profileChanged } from "../store/sessionSlice";
import { useAct, useApp } from "../store/store";
import { Button } from "../ui/Button";
import { download } from "../ui/download";
import { FileButton } from "../ui/FileButton";
import { Refusal } from "./Refusal";

/** The profile in force: weights and thresholds, as a file. */
export function ProfileSection() {
  const profile = useApp((state) => state.session.profile);
  const act = useAct();
  const [refused, setRefused] = useState<unknown>(null);
  const use = async (next: Profile) => {
    const before = profile;
    try {
      await saveProfile(next);
    } catch (error) {
      setRefused(error);
      return;
    }
    act(profileChanged(next));
    setRefused(null);
    toast(`Scores now come from “${next.name}”, version ${next.version}.`, {
      action: { label: "Undo", onClick: () => void use(before) },
    });
  };
  const read = async (file: File) => {
    try {
      await use(parseProfile(await file.text()));
    } catch (error) {
      setRefused(error);
    }
  };
  const weight = Object.values(profile.checks).reduce((sum, check) => sum + check.weight, 0);
  return (
    <>
      <p className="mb-2">
        {profile.name}, version {profile.version}: {Object.keys(profile.checks).length} checks, weights that
        sum to {weight}.
      </p>
      <Refusal error={refused} safe="The profile in force is unchanged." />
      <div className="flex flex-wrap gap-2">
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
          disabled={profile.id === houseProfile.id && profile.version === houseProfile.version}
          onClick={() => void use(houseProfile)}
        >
          Back to the house profile
        </Button>
      </div>
    </>
  );
}
