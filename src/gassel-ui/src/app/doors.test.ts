import { describe, expect, it } from "vitest";
import { doorOf, DOORS, roomOf } from "./doors";
import { VIEWS } from "./views";

describe("the five doors", () => {
  it("lead to every view but Site, which is in the menu", () => {
    const behind = DOORS.flatMap((door) => door.rooms.map((room) => room.path));
    expect(VIEWS.map((v) => v.path).filter((path) => !behind.includes(path))).toEqual(["/site"]);
    expect(DOORS).toHaveLength(5);
  });
  it("know where an address belongs, the nearest view first", () => {
    expect(doorOf("/")?.name).toBe("Today");
    expect(doorOf("/yard/abc/1")?.name).toBe("Today");
    expect(doorOf("/sheet")?.name).toBe("Today");
    expect(roomOf("/season/wishes")).toBe("/season/wishes");
    expect(roomOf("/season/years")).toBe("/season/books");
    expect(doorOf("/batches/told")?.name).toBe("Batches");
    expect(doorOf("/species/blue-flax/values")?.name).toBe("Seed & species");
    expect(doorOf("/site/places")?.name).toBe("Site");
    expect(doorOf("/b/12")?.name).toBe("Batches");
    expect(doorOf("/nowhere")).toBeNull();
  });
});
