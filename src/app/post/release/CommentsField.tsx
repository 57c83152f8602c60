/** Whether readers may comment: as the site has it, or as is said here. */
import { useId } from "react";
import { COMMENTS } from "../../../core/site/shapes";
import type { Post, Site } from "../../../data/model";
import { isoDay } from "../../ui/calendarDays";
import { DateField } from "../../ui/DateField";
import { Select } from "../../ui/Select";
import { COMMENT_NAMES } from "./commentNames";

interface Props {
  id: string;
  value: string;
  site: Site;
  readOnly: boolean;
  onChange: (changes: Partial<Post>) => void;
}

export function CommentsField({ id, value, site, readOnly, onChange }: Props) {
  const dateId = useId();
  const closes = /^\d{4}-/.test(value);
  return (
    <span className="flex flex-wrap items-center gap-3">
      <Select
        id={id}
        disabled={readOnly}
        value={closes ? "date" : value}
        options={[
          { value: "", label: `As the site has it: ${COMMENT_NAMES[site.comments ?? "open"].toLowerCase()}` },
          ...COMMENTS.map((one) => ({ value: one as string, label: COMMENT_NAMES[one] })),
          { value: "date", label: "Closed after a day" },
        ]}
        onChange={(chosen) => onChange({ comments: chosen === "date" ? isoDay(new Date()) : chosen })}
      />
      {closes && (
        <DateField
          id={dateId}
          label="Comments close after"
          readOnly={readOnly}
          value={value}
          onChange={(date) => onChange({ comments: date })}
        />
      )}
    </span>
  );
}
