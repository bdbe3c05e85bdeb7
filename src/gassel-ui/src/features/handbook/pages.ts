import type { Units } from "../../shared/units";
import { degrees } from "../../shared/units";

/** What a page is about: a view, a way of working that growers differ on, or a model with its limits. */
export type PageKind = "view" | "school" | "model";

export interface HandbookPage {
  id: string;
  kind: PageKind;
  title: string;
  /** The view it belongs to; empty for one that is everywhere. */
  at: string;
  /** Markdown; amounts are marks such as `{c:4}`, °C, until they are said. */
  text: string;
}

const FILES = import.meta.glob<string>("./pages/*.md", { query: "?raw", import: "default", eager: true });

const AMOUNT = /\{c:(-?\d+(?:\.\d+)?)\}/g;

/** A page from its file: lines of what it is, an empty line, and its text. */
export function readPage(path: string, file: string): HandbookPage {
  const end = file.indexOf("\n\n");
  const told = new Map(
    file
      .slice(0, end)
      .split("\n")
      .map((line) => {
        const colon = line.indexOf(":");
        return [line.slice(0, colon).trim(), line.slice(colon + 1).trim()];
      }),
  );
  const id = /\/\d+-(.+)\.md$/.exec(path)?.[1] ?? path;
  return {
    id,
    kind: told.get("kind") as PageKind,
    title: told.get("title") ?? id,
    at: told.get("at") ?? "",
    text: file.slice(end).trim(),
  };
}

/** In the order of the work. */
export const PAGES: HandbookPage[] = Object.entries(FILES)
  .sort(([a], [b]) => a.localeCompare(b, "en"))
  .map(([path, file]) => readPage(path, file));

/** The text with its amounts in the units of the site. */
export const saidIn = (text: string, units: Units): string =>
  text.replace(AMOUNT, (_, c: string) => degrees(Number(c), units));

/** The page of a view: that with the longest address the view lies under. */
export function pageOf(path: string, pages = PAGES): HandbookPage | null {
  const views = pages.filter(
    (page) =>
      page.kind === "view" &&
      page.at !== "" &&
      (path === page.at ||
        (page.at !== "/" && path.startsWith(page.at.endsWith("/") ? page.at : `${page.at}/`))),
  );
  return views.sort((a, b) => b.at.length - a.at.length)[0] ?? null;
}

/** What a view is for: the first paragraph of its page, without marks. */
export const inShort = (page: HandbookPage): string =>
  (page.text.split("\n\n")[0] ?? "").replace(/[*`]/g, "");
