/** The lines of a long list of posts. Only those in sight are drawn: a site may have a thousand posts. */
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useLayoutEffect, useRef, useState } from "react";
import type { Publishing } from "./attention";
import { heightOf, keyOf, type Line, PostLine } from "./PostLine";

export function LongPostLines({ lines, publishing }: { lines: readonly Line[]; publishing: Publishing }) {
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const virtual = useWindowVirtualizer({
    count: lines.length,
    estimateSize: (i) => heightOf(lines[i]!),
    getItemKey: (i) => keyOf(lines[i]!),
    overscan: 8,
    scrollMargin: top,
  });
  return (
    <ul ref={list} aria-label="Posts" className="relative" style={{ height: virtual.getTotalSize() }}>
      {virtual.getVirtualItems().map(({ index, key, start, size }) => (
        <PostLine
          key={key}
          line={lines[index]!}
          publishing={publishing}
          place={index}
          of={lines.length}
          style={{ position: "absolute", top: start - top, height: size }}
        />
      ))}
    </ul>
  );
}
