import { Type } from "@sinclair/typebox";
import { rangeShare } from "../../shares";
import { defineCheck, judged, notApplicable, waiting } from "../check";
import { MOST_EVIDENCE, number, ofFileName, whole } from "../evidence";
import { amount } from "../thresholds";

const KILOBYTE = 1024;

const thresholds = Type.Object(
  {
    fullKilobytes: amount(200, { name: "Everything earned up to", unit: "KB" }),
    zeroKilobytes: amount(1024, { name: "Nothing earned from", unit: "KB" }),
  },
  { additionalProperties: false },
);

export const pictureWeight = defineCheck({
  id: "picture-weight",
  weight: 3,
  thresholds,
  group: "pictures",
  name: "Picture weight",
  effort: "minutes",
  place: "pictures",
  says: ({ fullKilobytes, zeroKilobytes }) =>
    `Pictures are light enough for the page to load quickly: full points up to ${whole(fullKilobytes)} KB each, none from ${whole(zeroKilobytes)} KB (1 KB is 1,024 bytes).`,
  reads: ["pictures"],
  judge(reading, { fullKilobytes, zeroKilobytes }) {
    if (!reading.pictures.length) return waiting("There is no picture yet.");
    const sized = reading.pictures.filter(({ picture }) => picture.bytes !== null);
    if (!sized.length) return notApplicable("No picture's size is known.");
    const shares = sized.map(({ picture }) =>
      rangeShare(picture.bytes! / KILOBYTE, [-1, 0, fullKilobytes, zeroKilobytes]),
    );
    const heavy = sized.flatMap((one, i) => (shares[i]! < 1 ? [{ ...one, share: shares[i]! }] : []));
    const heaviest = Math.max(...sized.map(({ picture }) => picture.bytes!));
    const evidence = heavy.slice(0, MOST_EVIDENCE).map(({ share, ...one }) => ({
      ...ofFileName(one),
      worth: (1 - share) / sized.length,
    }));
    return judged(
      shares.reduce((sum, share) => sum + share, 0) / shares.length,
      heavy.length
        ? `${heavy.length} of ${sized.length} weigh more than ${fullKilobytes} KB, the heaviest ${number(Math.round(heaviest / KILOBYTE))} KB.`
        : `None weighs more than ${fullKilobytes} KB.`,
      evidence,
      {
        formula: `mean of ${shares
          .slice(0, 8)
          .map((share) => share.toFixed(2))
          .join(", ")}${shares.length > 8 ? " …" : ""}`,
      },
    );
  },
});
