import { describe, expect, it } from "vitest";
import { placeOfCode, readLabelCode, readPlaceCode } from "./labelCode";

describe("the code of a label", () => {
  it("names batch and part, at whatever address it was printed", () => {
    expect(readLabelCode("http://localhost:5080/l/12/1a")).toEqual({ number: 12, part: "1a" });
    expect(readLabelCode("https://gassel.example/l/3/c%201/ ")).toEqual({ number: 3, part: "c 1" });
  });
  it("of an older label leads to the first part", () => {
    expect(readLabelCode("https://192.0.2.7:8443/b/7")).toEqual({ number: 7, part: "1" });
  });
  it("is not what other codes say", () => {
    for (const text of ["", "B-12", "https://shop.example/p/12", "http://x/l/12/1/2", "javascript:/l/1/1"])
      expect(readLabelCode(text)).toBeNull();
  });

  it("of a card names its place, and of a label none", () => {
    expect(readPlaceCode("https://192.0.2.7:8443/at/cold-shelf ")).toBe("cold-shelf");
    expect(readPlaceCode("http://localhost:5080/at/shed%202")).toBe("shed 2");
    expect(readPlaceCode("http://localhost:5080/l/12/1a")).toBeNull();
    expect(readLabelCode("http://localhost:5080/at/cold-shelf")).toBeNull();
  });

  const all = [
    { id: "batch-a", kind: "batch" as const, title: "B-1 blue flax", path: "/batches/a" },
    { id: "batch-b", kind: "batch" as const, title: "B-12 bloodroot", path: "/batches/b" },
    { id: "vessel-b-1", kind: "vessel" as const, title: "jug 3", path: "/yard/b/1" },
    { id: "vessel-a-1", kind: "vessel" as const, title: "tray 4", path: "/batches/a" },
  ];
  it("leads to the container, to counting what is sown, else to the batch", () => {
    expect(placeOfCode({ number: 12, part: "1" }, all, [])).toBe("/yard/b/1");
    expect(placeOfCode({ number: 1, part: "1" }, all, [{ batchId: "a", part: "1" }])).toBe("/count/a/1");
    expect(placeOfCode({ number: 1, part: "2" }, all, [{ batchId: "a", part: "1" }])).toBe("/batches/a");
  });
  it("leads nowhere for a batch of another book", () => {
    expect(placeOfCode({ number: 2, part: "1" }, all, [])).toBeNull();
  });
});
