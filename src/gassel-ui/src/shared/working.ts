const SOURCE =
  /\s*\(([^()]*(?:common practice|our assumption|starter value|from memory|\p{Lu}\p{L}+[^()]* (?:1[89]|20)\d\d)[^()]*)\)/giu;

/** One line of a working: what is said, and apart from it where that comes from. */
export function sourceApart(line: string): { said: string; source: string | null } {
  const sources = [...line.matchAll(SOURCE)].map((found) => found[1] ?? "");
  const source = [...new Set(sources)].join("; ");
  return {
    said: line.replace(SOURCE, "").replace(/\s+([.,;:])/g, "$1"),
    source: source === "" ? null : source.charAt(0).toUpperCase() + source.slice(1),
  };
}
