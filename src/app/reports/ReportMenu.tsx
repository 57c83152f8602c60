import { Download } from "lucide-react";
import { download } from "../ui/download";
import { Menu, MenuItem } from "../ui/Menu";
import { toast } from "../ui/toast";
import { REPORT_FORMATS, type ReportFormat } from "./formats";

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
      {REPORT_FORMATS.map(({ id, name }) => (
        <MenuItem key={id} onSelect={() => void save(id)}>
          {name}
        </MenuItem>
      ))}
    </Menu>
  );
}
