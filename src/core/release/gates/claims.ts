import { defineGate } from "./gate";

export const claims = defineGate({
  id: "claims",
  name: "Sources of claims",
  place: { stage: "write", field: "body" },
  level: "warn",
  judge: (_draft, { openClaims }) =>
    openClaims === null
      ? null
      : {
          passed: openClaims === 0,
          says: openClaims
            ? `${openClaims === 1 ? "A claim stands" : `${openClaims} claims stand`} without a source. Link one, or accept it in Write.`
            : "Each claim has a source, or was accepted.",
        },
});
