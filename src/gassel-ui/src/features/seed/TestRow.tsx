import { Box, Button } from "@mui/material";
import type { SpeciesView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { stepWords } from "../../drawings/steps";
import { DayField } from "../../shared/DayField";
import { NumberField } from "../../shared/NumberField";
import type { Day } from "../../time/days";
import type { TestInHand } from "./lotDraft";
import { ChoiceField } from "../../shared/ChoiceField";

interface TestRowProps {
  test: TestInHand;
  number: number;
  view: SpeciesView | undefined;
  today: Day;
  change: (part: Partial<TestInHand>) => void;
  remove: () => void;
}

const kinds = (given: { kind: string }[]): string => given.map((g) => g.kind).join(" ");

/** A germination test with the treatment that its seed had. */
export function TestRow({ test, number, view, today, change, remove }: TestRowProps) {
  const { palette } = useDevice();
  const routes = (view?.species.routes ?? []).flatMap((route, i) => {
    const given = view?.routes[i]?.testTreatment ?? [];
    return given.length > 0 ? [{ id: route.id, name: route.name, given }] : [];
  });
  // routes that break dormancy alike are one treatment here
  const distinct = routes.filter((r, i) => routes.findIndex((o) => kinds(o.given) === kinds(r.given)) === i);
  const chosen =
    test.given === null
      ? "told"
      : test.given.length === 0
        ? "none"
        : (distinct.find((r) => kinds(r.given) === kinds(test.given ?? []))?.id ?? "other");
  return (
    <Box
      role="group"
      aria-label={`germination test ${number}`}
      sx={{
        borderTop: `1px solid ${palette.line}`,
        pt: 1.5,
        display: "grid",
        gap: 1,
        gridTemplateColumns: "1fr 1fr 1.3fr",
      }}
    >
      <NumberField
        label="Came up"
        name={`testGerminated-${number}`}
        value={test.germinated}
        onChange={(germinated) => change({ germinated })}
        min={0}
        max={test.seeds ?? 10_000}
      />
      <NumberField
        label="Of seeds"
        name={`testSeeds-${number}`}
        value={test.seeds}
        onChange={(seeds) => change({ seeds })}
        min={1}
        max={10_000}
      />
      <DayField
        label="Last looked at"
        name={`testOn-${number}`}
        value={test.on}
        today={today}
        onChange={(on) => change({ on })}
      />
      <ChoiceField
        label="Treatment before the test"
        name={`testTreatment-${number}`}
        value={chosen}
        sx={{ gridColumn: "1 / -1" }}
        onChange={(id) =>
          change({ given: id === "told" ? null : (distinct.find((r) => r.id === id)?.given ?? []) })
        }
        helper={
          chosen === "none"
            ? "Dormant seed tested without treatment shows dormancy, not whether it is alive."
            : "It replaces the rule only on routes with this treatment."
        }
        choices={[
          ["none", "none, straight onto a towel"],
          ...distinct.map((r) => [r.id, r.given.map((g) => stepWords(g.kind)).join(", then ")] as const),
          ...(chosen === "other" ? [["other", "another treatment"] as const] : []),
          ...(chosen === "told" ? [["told", "the route’s, days not noted"] as const] : []),
        ]}
      />
      {(test.given ?? []).map((g, i) => (
        <NumberField
          key={`${chosen}-${g.kind}-${i}`}
          label={`${stepWords(g.kind)}, days`}
          name={`testDays-${number}-${i + 1}`}
          value={g.days}
          onChange={(days) =>
            days !== null &&
            change({ given: (test.given ?? []).map((other, j) => (j === i ? { ...other, days } : other)) })
          }
          min={0}
          max={3650}
        />
      ))}
      <Box sx={{ gridColumn: "1 / -1", textAlign: "right" }}>
        <Button onClick={remove} aria-label={`take out test ${number}`}>
          Take out
        </Button>
      </Box>
    </Box>
  );
}
