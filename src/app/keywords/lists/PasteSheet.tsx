/** A column of keywords, pasted: numbers come in where they are known and stay empty where they are not. */

import { useState } from "react";
import type { KeywordList } from "../../../core/keywords/list";
import { LONGEST_KEYWORD, normaliseKeyword } from "../../../core/keywords/normalise";
import { attempt } from "../../store/attempt";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { count } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { putInList } from "../actions";

export function PasteSheet({
  list,
  region,
  onClose,
}: {
  list: KeywordList;
  region: string;
  onClose: () => void;
}) {
  const { workers } = useDependencies();
  const connection = useAppSelector((state) => state.session.search);
  const chosenRegion = useAppSelector((state) => state.research.region);
  const [text, setText] = useState("");
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState("");
  const lines = text
    .split(/\r\n|\r|\n/)
    // A pasted row of a spreadsheet: the keyword is its first cell.
    .map((line) => normaliseKeyword(line.split("\t")[0] ?? ""))
    .filter(Boolean);
  const taken = lines.filter((line) => line.length <= LONGEST_KEYWORD);
  const put = async () => {
    setBusy(true);
    await attempt(async () => {
      const { keywords, failed } = await workers.keywords.numbersFor(
        taken,
        connection,
        region || chosenRegion,
        list.language,
      );
      await putInList(list.id, keywords);
      if (failed)
        setSaid(
          `The keywords are in the list. Numbers come from earlier look-ups only, because the service gave none: ${failed.message}`,
        );
      else onClose();
    });
    setBusy(false);
  };
  return (
    <Sheet title="Paste keywords" onClose={onClose}>
      <label className="block">
        One keyword per line
        <textarea
          className="field-box mt-1"
          rows={12}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <p className="my-2 text-[13px] text-ink-2">
        {count(taken.length, "keyword")}
        {lines.length > taken.length &&
          `; ${count(lines.length - taken.length, "line")} longer than ${LONGEST_KEYWORD} characters will be left out`}
        . Numbers are filled in where a look-up or the service knows them, and left empty where not.
      </p>
      {said && (
        <p role="alert" className="mb-2 text-plum">
          {said}
        </p>
      )}
      <Button kind="primary" disabled={!taken.length || busy} onClick={() => void put()}>
        {busy ? "Filling in numbers …" : "Add to the list"}
      </Button>
    </Sheet>
  );
}
