import { describe, expect, it } from "vitest";
import {
  actDay,
  addDays,
  dayAt,
  dayReckoned,
  daysBetween,
  monthStarts,
  nearDay,
  readDay,
  shortDay,
} from "./days";

const today = "2027-03-14";

describe("days", () => {
  it("are told with their weekday where someone acts", () => {
    expect(actDay(today, today)).toBe("Sun 14 Mar");
    expect(actDay("2028-02-29", today)).toBe("Tue 29 Feb 2028");
    expect(actDay("1969-12-31")).toBe("Wed 31 Dec 1969");
  });

  it("carry the year when it is another", () => {
    expect(shortDay("2027-05-08", today)).toBe("8 May");
    expect(shortDay("2028-05-08", today)).toBe("8 May 2028");
  });

  it("cross a change of the clocks and a leap day without losing one", () => {
    expect(addDays("2027-03-13", 2)).toBe("2027-03-15");
    expect(daysBetween("2028-02-28", "2028-03-01")).toBe(2);
    expect(daysBetween("2026-11-01", "2027-03-14")).toBe(133);
  });

  it("are near or far", () => {
    expect(nearDay(today, today)).toBe("today, Sun 14 Mar");
    expect(nearDay("2027-03-13", today)).toBe("yesterday, Sat 13 Mar");
    expect(nearDay("2027-03-07", today)).toBe("Sun 7 Mar");
  });

  it("are read as a grower writes them", () => {
    expect(readDay("8 May", today)).toBe("2027-05-08");
    expect(readDay("8 march", today)).toBe("2028-03-08");
    expect(readDay(" 20 Aug 2026 ", today)).toBe("2026-08-20");
    expect(readDay("2026-08-20", today)).toBe("2026-08-20");
  });

  it("are read as growers write them, by the order of the site", () => {
    expect(readDay("8/15/2026", today, "monthFirst")).toBe("2026-08-15");
    expect(readDay("15/8/2026", today)).toBe("2026-08-15");
    expect(readDay("15.8.26", today, "monthFirst")).toBe("2026-08-15");
    expect(readDay("Aug 2026", today)).toBe("2026-08-01");
    expect(readDay("May 8, 2027", today)).toBe("2027-05-08");
    expect(readDay("yesterday", today)).toBe("2027-03-13");
    expect(readDay("1 Mar", today, "dayFirst", "back")).toBe("2027-03-01");
    expect(readDay("1 Apr", today, "dayFirst", "back")).toBe("2026-04-01");
    expect(readDay("13/25/2026", today, "monthFirst")).toBeNull();
  });

  it("that do not exist are not made up", () => {
    for (const wrong of [
      "31 Apr 2027",
      "2027-02-30",
      "8/32/27",
      "May",
      "",
      "0 May",
      "5 Foo 2027",
      "1 May 1800",
    ]) {
      expect(readDay(wrong, today)).toBeNull();
    }
  });

  it("mark the months of a ribbon", () => {
    expect(monthStarts("2026-11-15", "2027-02-01")).toEqual(["2026-12-01", "2027-01-01", "2027-02-01"]);
  });
});

describe("the day without connection", () => {
  // 14 March 2027, 23:30 in Denver
  const word = {
    now: "2027-03-15T05:30:00Z",
    today: "2027-03-14",
    timeZone: "America/Denver",
    heardAt: 1_000_000,
  };
  const hours = (n: number) => n * 3_600_000;

  it("is the site's, not the device's", () => {
    expect(dayAt(Date.parse(word.now), "America/Denver")).toBe("2027-03-14");
    expect(dayAt(Date.parse(word.now), "Pacific/Auckland")).toBe("2027-03-15");
  });

  it("goes on past midnight at the site", () => {
    expect(dayReckoned(word, word.heardAt + hours(0.4))).toBe("2027-03-14");
    expect(dayReckoned(word, word.heardAt + hours(0.6))).toBe("2027-03-15");
    expect(dayReckoned(word, word.heardAt + hours(48))).toBe("2027-03-16");
  });

  it("stays with the last word where the device's clock went backwards", () => {
    expect(dayReckoned(word, word.heardAt - hours(1000))).toBe("2027-03-14");
  });
});
