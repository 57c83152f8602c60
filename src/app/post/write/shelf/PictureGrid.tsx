/** Pictures in rows, drawn as far as they are in sight. */
import { useVirtualizer } from "@tanstack/react-virtual";
import { type ReactNode, useRef } from "react";

const IN_A_ROW = 4;
const ROW = 232;

interface Props<Item> {
  label: string;
  items: readonly Item[];
  keyOf: (item: Item) => string;
  children: (item: Item) => ReactNode;
}

export function PictureGrid<Item>({ label, items, keyOf, children }: Props<Item>) {
  const scroller = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: Math.ceil(items.length / IN_A_ROW),
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 1,
  });
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a place that scrolls must be reached by keys
    <div ref={scroller} tabIndex={0} role="group" aria-label={label} className="h-[56vh] overflow-y-auto">
      <ul className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().flatMap(({ index, start }) =>
          items.slice(index * IN_A_ROW, (index + 1) * IN_A_ROW).map((item, i) => (
            <li
              key={keyOf(item)}
              className="absolute w-1/4 pr-4"
              style={{ top: start, left: `${(i * 100) / IN_A_ROW}%`, height: ROW }}
            >
              {children(item)}
            </li>
          )),
        )}
      </ul>
    </div>
  );
}

interface CardProps {
  name: string;
  /** What stands below, in two lines. */
  about: string;
  detail: string;
  busy?: boolean;
  onTake: () => void;
  children: ReactNode;
}

export function PictureCard({ name, about, detail, busy = false, onTake, children }: CardProps) {
  return (
    <button
      type="button"
      disabled={busy}
      aria-label={`Use ${name}`}
      onClick={onTake}
      className="group block w-full text-left text-[13px]"
    >
      <span className="flex h-40 items-center justify-center overflow-hidden border border-rule bg-paper group-hover:border-proof">
        {children}
      </span>
      <span className="mt-1 block truncate">{about}</span>
      <span className="figures block truncate text-ink-2">{detail}</span>
    </button>
  );
}
