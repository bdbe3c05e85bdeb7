import { describe, expect, it } from "vitest";
import { firstWish, toRequest } from "./wish";

const today = "2027-03-14";
const wish = { ...firstWish("2027-05-08"), speciesId: "balsamroot" };

describe("the wish", () => {
  it("is measured from the last frost at first", () => {
    expect(toRequest(wish, 1, null, today)).toMatchObject({
      target: "sow",
      lastFrost: "2027-05-08",
      weeksFromLastFrost: -6,
      date: null,
    });
    expect(toRequest({ ...wish, aim: "plantsByFrost", weeks: 18 }, 1, null, today)).toMatchObject({
      target: "plantOut",
      weeksFromLastFrost: 18,
    });
  });
  it("is a day, or today, where it says so", () => {
    expect(toRequest({ ...wish, aim: "startToday" }, 1, null, today)).toMatchObject({
      target: "start",
      date: today,
      lastFrost: null,
    });
    expect(toRequest({ ...wish, aim: "plantsOn", date: "2028-09-20" }, 1, "r", today)).toMatchObject({
      target: "plantOut",
      date: "2028-09-20",
      routeId: "r",
    });
  });
  it("asks nothing while a field is unread", () => {
    expect(toRequest({ ...wish, plants: null }, 1, null, today)).toBeNull();
    expect(toRequest({ ...wish, weeks: null }, 1, null, today)).toBeNull();
    expect(toRequest({ ...wish, aim: "sowOn" }, 1, null, today)).toBeNull();
  });
});
