import { rangeShare } from "../../shares";
import { type Check, judged, notApplicable, waiting } from "../check";
import { MOST_EVIDENCE } from "../evidence";

const KILOBYTE = 1024;

export const pictureWeight: Check = {
  id: "picture-weight",
  group: "pictures",
  name: "Picture weight",
  effort: "minutes",
  place: "pictures",
  says: "Pictures are light enough that the page does not crawl: full points up to 200 KB each, none from 1,024 KB (1 KB is 1,024 bytes).",
  judge(reading) {
    if (!reading.pictures.length) return waiting("There is no picture yet.");
    const sized = reading.pictures.filter(({ picture }) => picture.bytes !== null);
    if (!sized.length) return notApplicable("No picture's size is known.");
    const { fullKilobytes, zeroKilobytes } = reading.profile.checks["picture-weight"];
    const shares = sized.map(({ picture }) =>
      rangeShare(picture.bytes! / KILOBYTE, [-1, 0, fullKilobytes, zeroKilobytes]),
    );
    const heavy = sized.flatMap((one, i) => (shares[i]! < 1 ? [{ ...one, share: shares[i]! }] : []));
    const heaviest = Math.max(...sized.map(({ picture }) => picture.bytes!));
    const evidence = heavy.slice(0, MOST_EVIDENCE).map(({ block, picture, share }) => ({
      worth: (1 - share) / sized.length,
      quote: picture.fileName,
      block,
      field: "fileName" as const,
      start: 0,
      end: picture.fileName.length,
    }));
    return judged(
      shares.reduce((sum, share) => sum + share, 0) / shares.length,
      heavy.length
        ? `${heavy.length} of ${sized.length} weigh more than ${fullKilobytes} KB, the heaviest ${Math.round(heaviest / KILOBYTE).toLocaleString("en")} KB.`
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
};
