import { Download } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { useRef } from "react";
import { toast } from "sonner";
import { download } from "../ui/download";
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
  const chosen = useRef<ReportFormat | null>(null);
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
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        disabled={disabled}
        className="eased inline-flex h-8 items-center gap-1.5 whitespace-nowrap rounded border border-edge bg-sheet px-3 hover:bg-paper disabled:border-rule disabled:text-ink-2"
      >
        <Download size={14} aria-hidden="true" /> {label}
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        align="end"
        sideOffset={4}
        className="z-40 rounded border border-rule bg-sheet py-1 shadow-lg"
        onCloseAutoFocus={() => {
          if (chosen.current) void save(chosen.current);
          chosen.current = null;
        }}
      >
        {(Object.keys(NAMES) as ReportFormat[]).map((format) => (
          <DropdownMenu.Item
            key={format}
            className="cursor-pointer px-3 py-1.5 outline-none data-highlighted:bg-proof-wash"
            onSelect={() => {
              chosen.current = format;
            }}
          >
            {NAMES[format]}
          </DropdownMenu.Item>
        ))}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
