import { useState } from "react";
import type { LineVerdict } from "./LineGrid";
import { filled, pasted } from "./lines";

/** What the book says of lines, in their order. */
export interface LinesReport {
  lines: LineVerdict[];
  accepted: number;
  refused: number;
  /** Numbers of what was kept; empty where nothing was. */
  saved: number[];
}

interface UseLines<L> {
  empty: L;
  /** A pasted table, taken apart. */
  split: (text: string) => Promise<L[]>;
  /** Judges lines, and keeps the good ones where it is told to. */
  judge: (lines: L[], save: boolean) => Promise<LinesReport>;
  /** Good lines were kept; so many are left that were refused. */
  kept: (saved: number[], left: number) => Promise<void>;
}

/** Lines that are typed or pasted, judged by the book, mended and kept; those in error stay. */
export function useLines<L extends Record<string, string>>({ empty, split, judge, kept }: UseLines<L>) {
  const [lines, setLines] = useState<L[]>([empty, empty, empty]);
  const [verdicts, setVerdicts] = useState<ReadonlyMap<number, LineVerdict>>(new Map());
  const [report, setReport] = useState<LinesReport | null>(null);
  const [error, setError] = useState<unknown>(null);
  const put = (next: L[]) => {
    setLines(next);
    setReport(null);
    setVerdicts(new Map());
  };
  const orTell = async (act: () => Promise<void>) => {
    setError(null);
    try {
      await act();
    } catch (refused) {
      setError(refused);
    }
  };
  const ask = (asked: L[], save: boolean) =>
    orTell(async () => {
      const said = filled(asked);
      const answer = await judge(
        said.map((s) => s.line),
        save,
      );
      setReport(answer);
      setVerdicts(new Map(said.map((s, i) => [s.at, answer.lines[i] as LineVerdict])));
      if (!save || answer.saved.length === 0) return;
      const left = said.filter((_, i) => answer.lines[i]?.refused).map((s) => s.line);
      put(left.length > 0 ? [...left, empty] : [empty, empty, empty]);
      await kept(answer.saved, left.length);
    });
  return {
    lines,
    verdicts,
    report,
    error,
    /** Lines that say something. */
    said: filled(lines).length,
    set: (at: number, part: Partial<L>) => {
      const next = lines.map((line, i) => (i === at ? { ...line, ...part } : line));
      put(at === lines.length - 1 ? [...next, empty] : next);
    },
    paste: (text: string, at: number) =>
      void orTell(async () => put(pasted(lines, at, await split(text), empty))),
    choose: (at: number, field: string, value: string) => {
      const next = lines.map((line, i) => (i === at ? { ...line, [field]: value } : line));
      setLines(next);
      void ask(next, false);
    },
    check: () => void ask(lines, false),
    keep: () => void ask(lines, true),
  };
}
