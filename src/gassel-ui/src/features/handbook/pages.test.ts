import { describe, expect, it } from "vitest";
import { PAGES, inShort, pageOf, readPage, saidIn } from "./pages";
import { pictureOf } from "./pictures";

describe("handbook", () => {
  it("reads what a page is about from its first lines", () => {
    expect(
      readPage("./pages/07-x.md", "kind: model\ntitle: Cold: how\nat: /w\n\nFirst.\n\nSecond.\n"),
    ).toEqual({
      id: "x",
      kind: "model",
      title: "Cold: how",
      at: "/w",
      text: "First.\n\nSecond.",
    });
  });
  it("has a whole page for every file, each with a name of its own", () => {
    expect(PAGES.length).toBeGreaterThan(30);
    expect(new Set(PAGES.map((page) => page.id)).size).toBe(PAGES.length);
    for (const page of PAGES) {
      expect(["view", "school", "model"]).toContain(page.kind);
      expect(page.title).not.toBe("");
      expect(page.text.split(/\s+/).length).toBeGreaterThan(20);
    }
  });
  it("finds the page of a view by its address", () => {
    expect(pageOf("/")?.id).toBe("rounds");
    expect(pageOf("/batches")?.id).toBe("batches");
    expect(pageOf("/batches/0197")?.id).toBe("batch");
    expect(pageOf("/season/wishes")?.id).toBe("wishes");
    expect(pageOf("/site/temperature/cold-shelf")?.id).toBe("temperature");
    expect(pageOf("/nowhere")).toBeNull();
  });
  it("says amounts in the units of the site, and none in one system alone", () => {
    expect(saidIn("near {c:4}", "metric")).toBe("near 4\u00a0°C");
    expect(saidIn("near {c:4}", "unitedStates")).toBe("near 39\u00a0°F");
    for (const page of PAGES) expect(page.text).not.toMatch(/\d ?(°C|°F|cm|mm|km|l|gal|in|mph)\b/);
  });
  it("shows the picture of a view that has one", () => {
    for (const id of ["rounds", "count", "yard", "season", "plan", "batch", "trials"])
      expect(pictureOf(id)).toMatch(/\.png/);
    expect(pictureOf("find")).toBeUndefined();
  });
  it("says in short what a view is for", () => {
    const page = pageOf("/find") ?? PAGES.find((one) => one.id === "find");
    expect(page && inShort(page)).toMatch(/^Press \/ anywhere/);
  });
});
