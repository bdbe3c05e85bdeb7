import { describe, expect, it } from "vitest";
import type { PlaceTrouble } from "../../api/types";
import { nowWords, spanWords } from "./temperatureWords";

const zone = "America/Denver";
const today = "2027-03-14";

describe("the temperature of a place", () => {
  it("says how it is known", () => {
    const now = {
      tempC: 3.94,
      source: "measured",
      at: "2027-03-14T15:00:00Z",
      typedOn: null,
      troubles: [],
    } as const;
    expect(nowWords({ ...now, troubles: [] }, "metric", zone, today)).toBe("3.9\u00a0°C, measured 09:00");
    expect(
      nowWords(
        { ...now, source: "typed", at: null, typedOn: "2027-03-02", troubles: [] },
        "metric",
        zone,
        today,
      ),
    ).toBe("3.9\u00a0°C, read by eye 2 Mar; assumed since");
    expect(nowWords({ ...now, source: "assumed", at: null, troubles: [] }, "unitedStates", zone, today)).toBe(
      "39\u00a0°F assumed, no reading",
    );
  });

  it("tells troubles that last from those that are over", () => {
    const warm: PlaceTrouble = {
      kind: "tooWarm",
      from: "2027-03-14T05:10:00Z",
      to: null,
      worstC: 9,
      title: "",
      meaning: "",
      words: "",
      toDo: "",
      isPresent: true,
      hurtsSeed: true,
    };
    expect(spanWords(warm, zone, today)).toBe("Since yesterday, Sat 13 Mar, 22:10");
    expect(spanWords({ ...warm, to: "2027-03-14T15:00:00Z" }, zone, today)).toBe(
      "yesterday, Sat 13 Mar, 22:10 to 09:00",
    );
  });
});
