/** The first rows of a file, with what each column is taken for. */
import { COLUMN_ROLES, type ColumnRole } from "../../../core/keywords/csv/columns";
import type { CsvPlan } from "../../../core/keywords/csv/plan";
import { SEPARATORS } from "../../../core/keywords/csv/records";
import { ENCODINGS } from "../../../core/text/decodeText";
import type { TablePreview } from "../../../workers/tableFileApi";
import { Button } from "../../ui/Button";
import { LabelledSelect, Select } from "../../ui/Select";
import { Tooltip } from "../../ui/Tooltip";

export const ROLE_NAMES: Record<ColumnRole, string> = {
  keyword: "Keyword",
  searches: "Searches a month",
  difficulty: "Difficulty",
  intent: "Intent",
  costPerClick: "Cost per click",
  trend: "Trend, in one cell",
  month: "A month",
  ignore: "ignored",
};
const SEPARATOR_NAMES = { ",": "comma", ";": "semicolon", "\t": "tab", "|": "bar" };
const ENCODING_NAMES: Record<string, string> = {
  "utf-8": "UTF-8",
  "utf-16le": "UTF-16 LE",
  "utf-16be": "UTF-16 BE",
  "windows-1252": "Windows-1252",
};
const SHOWN = 8;

interface Props {
  file: File;
  preview: TablePreview;
  language: string;
  onLanguage: (language: string) => void;
  onPlan: (decided: Partial<CsvPlan>) => void;
  onEncoding: (encoding: string) => void;
  onRead: () => void;
}

export function PreviewTable({ file, preview, language, onLanguage, onPlan, onEncoding, onRead }: Props) {
  const { plan, head, encoding, workbook } = preview;
  const { separator, header, columns, decimal } = plan;
  const names = header === null ? [] : (head[header]?.cells ?? []);
  const rows = head.slice(header === null ? 0 : header + 1).slice(0, SHOWN);
  const width = columns.length;
  const widest = Math.max(width, ...rows.map(({ cells }) => cells.length));
  const keyword = columns.includes("keyword");
  const setRole = (column: number, role: ColumnRole) => {
    const next = Array.from({ length: width }, (_, c): ColumnRole => {
      if (c === column) return role;
      const own = columns[c] ?? "ignore";
      // Each role but a month is one column's.
      return own === role && role !== "month" ? "ignore" : own;
    });
    onPlan({ separator, header, decimal, columns: next });
  };
  return (
    <>
      <p className="mb-3">
        <strong>{file.name}</strong> will be read like this. Correct what is wrong; nothing is imported yet.
      </p>
      <div className="mb-3 grid grid-cols-5 gap-3 text-[13px]">
        <LabelledSelect
          above
          label="Encoding"
          value={workbook ? "" : encoding}
          placeholder="of the workbook"
          disabled={workbook}
          onChange={onEncoding}
          options={[...new Set([...ENCODINGS, ...(encoding ? [encoding] : [])])].map((name) => ({
            value: name,
            label: ENCODING_NAMES[name] ?? name,
          }))}
        />
        <LabelledSelect
          above
          label="Separator"
          value={separator}
          disabled={workbook}
          onChange={(one) => onPlan({ separator: one })}
          options={SEPARATORS.map((one) => ({ value: one, label: SEPARATOR_NAMES[one] }))}
        />
        <LabelledSelect
          above
          label="Header"
          value={String(header ?? "none")}
          onChange={(line) => onPlan({ separator, header: line === "none" ? null : Number(line) })}
          options={[
            { value: "none", label: "none: data from the first line" },
            ...head.slice(0, Math.max(6, (header ?? 0) + 1)).map(({ line, cells }, i) => ({
              value: String(i),
              label: `line ${line}: ${cells.filter(Boolean).slice(0, 2).join(", ").slice(0, 34)}`,
            })),
          ]}
        />
        <LabelledSelect
          above
          label="Decimal mark"
          value={decimal}
          onChange={(mark) => onPlan({ separator, header, columns, decimal: mark })}
          options={[
            { value: ".", label: "point: 1,900.50" },
            { value: ",", label: "comma: 1.900,50" },
          ]}
        />
        <label className="text-ink-2">
          Language of the keywords
          <input
            className="field-box mt-0.5 text-ink"
            value={language}
            maxLength={20}
            onChange={(event) => onLanguage(event.target.value.trim())}
          />
        </label>
      </div>
      <section
        aria-label="First rows"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard (WCAG 2.1.1)
        tabIndex={0}
        className="mb-3 max-h-80 overflow-auto border border-rule"
      >
        <table className="w-full border-collapse text-[13px]">
          <thead>
            <tr>
              {Array.from({ length: width }, (_, c) => (
                <th key={c} scope="col" className="border-b border-rule bg-paper p-1.5 text-left font-normal">
                  <Tooltip says={names[c]} whenCut>
                    <span className="block max-w-40 truncate px-1 text-ink-2">
                      {names[c] || `Column ${c + 1}`}
                    </span>
                  </Tooltip>
                  <Select
                    label={`${names[c] || `Column ${c + 1}`} is`}
                    className={`!min-h-7 !w-36 !py-0.5 ${columns[c] && columns[c] !== "ignore" ? "font-semibold" : "text-ink-2"}`}
                    value={columns[c] ?? "ignore"}
                    onChange={(role) => setRole(c, role)}
                    options={COLUMN_ROLES.map((role) => ({ value: role, label: ROLE_NAMES[role] }))}
                  />
                </th>
              ))}
              {widest > width && <td className="border-b border-rule bg-paper" colSpan={widest - width} />}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ cells, line, fault }) => (
              <tr key={line} className={fault ? "text-plum" : ""}>
                {Array.from({ length: fault ? 1 : widest }, (_, c) => (
                  <td
                    key={c}
                    colSpan={fault ? widest : 1}
                    className={`max-w-56 truncate border-b border-rule px-2.5 py-1 ${(columns[c] ?? "ignore") === "ignore" ? "text-ink-2" : ""}`}
                  >
                    {cells[c]}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <p className="mb-3 text-[13px] text-ink-2">
        Rows of the same keyword become one: the first stays, and later ones only give it numbers that it
        lacks. A range such as 10–100 counts as its geometric middle, 32. What cannot be read stays unknown
        and is listed.
      </p>
      <div className="flex items-center gap-3">
        <Button kind="primary" disabled={!keyword} onClick={onRead}>
          Read the file
        </Button>
        {!keyword && <span className="text-plum">Choose the column that holds the keywords.</span>}
      </div>
    </>
  );
}
