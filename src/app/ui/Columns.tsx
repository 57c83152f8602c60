/**
 * Columns side by side with lines between them to be dragged, or moved by arrows; how wide they are is remembered on this device. In a
 * window under 1100 pixels they stand as the style of the whole says.
 */
import { Fragment, type ReactNode } from "react";
import { Group, Panel, Separator, useDefaultLayout } from "react-resizable-panels";

export interface Column {
  id: string;
  /** What it holds: its line to the left says that it makes that wider or narrower. */
  name: string;
  /** Width to begin with and bounds, in CSS lengths or per cent; without a width it takes what the others leave. */
  size?: string;
  min: string;
  max?: string;
  /** It keeps its pixels when the window changes. */
  fixed?: boolean;
  className?: string;
  children: ReactNode;
}

interface Props {
  /** What the widths are remembered by. */
  id: string;
  columns: readonly Column[];
  /** Classes that apply in a narrow window, each with `max-mid:`. */
  narrow: string;
}

export function Columns({ id, columns, narrow }: Props) {
  const { defaultLayout, onLayoutChanged } = useDefaultLayout({
    id: `dune-sparrow ${id}`,
    storage: kept,
    onlySaveAfterUserInteractions: true,
  });
  return (
    <Group
      id={id}
      className={`max-mid:!block print:!block ${narrow}`}
      // The page scrolls, not its columns.
      style={{ height: "auto", overflow: "visible" }}
      {...(defaultLayout && { defaultLayout })}
      onLayoutChanged={onLayoutChanged}
    >
      {columns.map((column, i) => (
        <Fragment key={column.id}>
          {i > 0 && (
            <Separator
              aria-label={`Width of ${column.name}`}
              className="group flex w-5 flex-none justify-center outline-none max-mid:!hidden print:!hidden"
            >
              <span className="w-px bg-transparent group-hover:bg-edge group-focus-visible:w-0.5 group-focus-visible:bg-proof group-data-[separator=active]:bg-proof" />
            </Separator>
          )}
          <Panel
            id={column.id}
            {...(column.size && { defaultSize: column.size })}
            minSize={column.min}
            {...(column.max && { maxSize: column.max })}
            groupResizeBehavior={column.fixed ? "preserve-pixel-size" : "preserve-relative-size"}
            style={{ overflow: "visible", maxHeight: "none" }}
            className={column.className ?? "min-w-0"}
          >
            {column.children}
          </Panel>
        </Fragment>
      ))}
    </Group>
  );
}

/** Where storage is forbidden, widths hold until the page is closed. */
const kept = {
  getItem: (key: string): string | null => {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },
  setItem: (key: string, value: string): void => {
    try {
      localStorage.setItem(key, value);
    } catch {
      // As said above.
    }
  },
};
