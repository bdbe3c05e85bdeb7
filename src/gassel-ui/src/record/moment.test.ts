import { describe, expect, it } from "vitest";
import { fromNow, momentAt } from "./moment";

const site = { now: "2027-03-14T15:00:00Z", today: "2027-03-14", heardAt: 1_000_000 };
const minutes = (n: number) => n * 60_000;

describe("the moment", () => {
  it("is the site's, reckoned on by the time that has passed on the device", () => {
    expect(momentAt(site, "2027-03-14", site.heardAt + minutes(20))).toBe("2027-03-14T15:20:00Z");
    expect(momentAt(site, "2027-03-14", site.heardAt - minutes(20))).toBe("2027-03-14T15:00:00Z");
  });

  it("is unknown of another day, and while nobody was heard", () => {
    expect(momentAt(site, "2027-03-13", site.heardAt)).toBeNull();
    expect(momentAt(undefined, "2027-03-14", 0)).toBeNull();
  });

  it("is told by how far it is", () => {
    expect(fromNow(minutes(200), 0)).toBe("in 3 h 20 min");
    expect(fromNow(minutes(1440), 0)).toBe("in 24 h");
    expect(fromNow(0, minutes(12))).toBe("12 min ago");
  });
});
