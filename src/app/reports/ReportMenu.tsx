import { Download } from "lucide-react";
import { toast } from "sonner";
import { download } from "../ui/download";
import { Menu, MenuItem } from "../ui/Menu";
import type { ReportFormat } from "./reportFiles";

const NAMES: Record<ReportFormat, string> = {
  html: "HTML, to print or share",
  md: "Markdown",
  json: "JSON",
  csv: "CSV, for a spreadsheet",
};

/** The report to take away, in a format to choose. */
export function ReportMenu({
  label,
  disabled = false,
  make,
}: {
  label: string;
  disabled?: boolean;
  make: (format: ReportFormat) => Promise<{ blob: Blob; name: string }>;
}) {
  const save = async (format: ReportFormat) => {
    try {
      const { blob, name } = await make(format);
      download(blob, name);
      toast(`Downloaded ${name}.`);
    } catch (error) {
      toast.error(
        `The report could not be made: ${(error as Error).message}. Nothing else has changed; try again.`,
      );
    }
  };
  return (
    <Menu
      align="end"
      className="z-40 py-1"
      button={
        <button
          type="button"
          disabled={disabled}
          className="eased inline-flex h-8 items-center gap-1.5 whitespace-nowrap rounded border border-edge bg-sheet px-3 hover:bg-paper disabled:border-rule disabled:text-ink-2"
        >
          <Download size={14} aria-hidden="true" /> {label}
        </button>
      }
    >
      {(Object.keys(NAMES) as ReportFormat[]).map((format) => (
        <MenuItem key={format} onSelect={() => void save(format)}>
          {NAMES[format]}
        </MenuItem>
      ))}
    </Menu>
  );
}
