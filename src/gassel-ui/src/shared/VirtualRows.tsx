import { useEffect, useRef, useState } from "react";
import type { ReactNode } from "react";
import { Box } from "@mui/material";
import { useVirtualizer } from "@tanstack/react-virtual";
import { SCROLLER } from "./scroller";

interface VirtualRowsProps {
  count: number;
  /** Height of a row before it was drawn, px. */
  height: number;
  label: string;
  /** First and last row in sight, or near it. */
  sees?: (first: number, last: number) => void;
  row: (index: number) => ReactNode;
}

/** A long list of which only what is in sight is drawn. */
export function VirtualRows({ count, height, label, sees, row }: VirtualRowsProps) {
  const list = useRef<HTMLDivElement>(null);
  const [top, setTop] = useState(0);
  // eslint-disable-next-line react-hooks/incompatible-library -- what it returns stays in this component
  const rows = useVirtualizer({
    count,
    estimateSize: () => height,
    overscan: 8,
    scrollMargin: top,
    getScrollElement: () => list.current?.closest(`[${SCROLLER}]`) ?? null,
  });
  const shown = rows.getVirtualItems();
  const [first, last] = [shown[0]?.index ?? 0, shown.at(-1)?.index ?? 0];
  useEffect(() => {
    const scroller = list.current?.closest(`[${SCROLLER}]`);
    if (!list.current || !scroller) return;
    const at =
      list.current.getBoundingClientRect().top - scroller.getBoundingClientRect().top + scroller.scrollTop;
    setTop(at);
  }, [count]);
  useEffect(() => sees?.(first, last), [sees, first, last]);
  return (
    <Box ref={list} role="list" aria-label={label} sx={{ position: "relative", height: rows.getTotalSize() }}>
      {shown.map(({ index, key, start }) => (
        <Box
          key={key}
          ref={rows.measureElement}
          data-index={index}
          role="listitem"
          aria-setsize={count}
          aria-posinset={index + 1}
          sx={{ position: "absolute", left: 0, right: 0 }}
          style={{ top: start - top }}
        >
          {row(index)}
        </Box>
      ))}
    </Box>
  );
}
