/** The shape and the defaults of a profile, made from the registry: a check that is added there is in both. */
import { type TProperties, Type } from "@sinclair/typebox";
import type { Profile } from "./profile";
import { checks } from "./registry";
import { amount, defaultsOf, share, weight } from "./thresholds";

/** Grows with every change of a weight or a threshold, or of what a check counts. */
const VERSION = 4;

const whole = (value: number, name: string, unit: string, least: number) =>
  Type.Integer({ title: name, unit, default: value, minimum: least });

/** How much a use of the keyword counts by its form, and reading. */
const general = {
  matching: Type.Object(
    {
      exact: share(1, "Keyword as written"),
      inflected: share(1, "Keyword in another form"),
      close: share(0.8, "Its words close together"),
      scattered: share(0.4, "Its words scattered"),
      closeWindow: amount(3, { name: "Close together: words in between, at most", unit: "words" }),
    },
    { additionalProperties: false, default: undefined },
  ),
  openingWords: whole(100, "Opening, at least", "words", 1),
  /** Silent reading of English non-fiction (Brysbaert 2019). */
  wordsPerMinute: amount(238, { name: "Reading speed", unit: "words a minute", least: 1 }),
  fullScoreWords: whole(100, "A full score needs", "words", 0),
};
export type General = keyof typeof general;

const ofChecks: TProperties = Object.fromEntries(
  checks.map((check) => [
    check.id,
    Type.Object(
      { weight: weight(check.weight), ...check.thresholds.properties },
      { additionalProperties: false },
    ),
  ]),
);

/** JSON Schema of a profile (draft 2020-12; uses nothing that draft 7 has not). */
export const profileShape = Type.Object(
  {
    id: Type.String({ minLength: 1, maxLength: 80, default: "house" }),
    name: Type.String({ maxLength: 200, default: "Default profile" }),
    version: Type.Integer({ minimum: 1, default: VERSION }),
    ...general,
    checks: Type.Object(ofChecks, { additionalProperties: false }),
  },
  {
    $id: "profile.schema.json",
    title: "Profile: weights and thresholds of the proof",
    additionalProperties: false,
  },
);

/** The default profile. */
export const declaredProfile = (): Profile => defaultsOf(profileShape) as unknown as Profile;
