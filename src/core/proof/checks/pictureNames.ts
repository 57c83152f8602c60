import { defineCheck, judged, notApplicable, waiting } from "../check";
import { atFault, MOST_EVIDENCE, ofFileName } from "../evidence";
import { isMadeOfWords } from "../fileNames";

export const pictureNames = defineCheck({
  id: "picture-names",
  weight: 1,
  group: "pictures",
  name: "Picture file names",
  effort: "minutes",
  place: "pictures",
  says: "The names of the picture files are made of words, not what a camera or screenshot tool gave them.",
  reads: ["pictures"],
  judge(reading) {
    if (!reading.pictures.length) return waiting("There is no picture yet.");
    const named = reading.pictures.filter(({ picture }) => picture.fileName);
    if (!named.length) return notApplicable("No file name is known.");
    const memory = reading.memory<boolean>("made of words");
    const poor = named.filter(
      ({ picture: { fileName } }) => !memory.get(fileName, () => isMadeOfWords(fileName)),
    );
    const evidence = atFault(poor.slice(0, MOST_EVIDENCE).map(ofFileName), 1 / named.length);
    const reason = poor.length
      ? `${poor.length} of ${named.length} file names say nothing.`
      : "All file names are made of words.";
    return judged(1 - poor.length / named.length, reason, evidence);
  },
});
