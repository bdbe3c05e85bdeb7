const FILES = import.meta.glob<string>("../../../../../docs/screenshots/*.png", {
  query: "?url",
  import: "default",
  eager: true,
});

/** Pages whose picture has the name of another view. */
const OTHER: Record<string, string> = { trials: "trial", count: "count-phone" };

/** The address of the picture of a view, made from the demo; undefined where it has none. */
export function pictureOf(page: string): string | undefined {
  const name = `/${OTHER[page] ?? page}.png`;
  return Object.entries(FILES).find(([path]) => path.endsWith(name))?.[1];
}
