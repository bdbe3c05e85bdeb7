import { describe, expect, it } from "vitest";
import type { SpaceCheck } from "../../api/types";
import { spaceWords } from "./space";

const check: SpaceCheck = {
  place: "lampShelf",
  unit: "trays",
  needed: 2,
  from: "2027-03-20",
  to: "2027-05-01",
  fullestOn: "2027-04-02",
  takenThen: 3,
  capacity: 6,
  fits: true,
};

describe("room in words", () => {
  it("says the tightest day, and what does not fit", () => {
    expect(spaceWords(check, "2027-03-14")).toBe("lamp shelf 5 of 6 trays on 2 Apr");
    expect(spaceWords({ ...check, takenThen: 5, fits: false }, "2027-03-14")).toBe(
      "lamp shelf 7 of 6 trays on 2 Apr: 1 too many",
    );
    expect(spaceWords({ ...check, capacity: null }, "2027-03-14")).toBe(
      "lamp shelf: 2 trays, room not known",
    );
  });
});
