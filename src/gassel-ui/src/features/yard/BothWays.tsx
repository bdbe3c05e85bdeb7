import { WORDS } from "../../api/words";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useBothWays, useSite } from "../../book/queries";
import type { LotBothWays } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";

/** The same lot by the fridge and by the yard. */
export function BothWays() {
  const lots = useBothWays();
  const site = useSite().data;
  if (lots.error) return <Failure error={lots.error} />;
  if (!lots.data || !site) return <Loading what="both ways" />;
  if (lots.data.length === 0) {
    return (
      <EmptyNote
        title="No lot has gone both ways yet"
        action={
          <Button component={Link} to="/plan" variant="contained">
            Plan the other way
          </Button>
        }
      >
        When seed of one lot is counted both indoors and in the yard, the two are shown here side by side.
      </EmptyNote>
    );
  }
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1.5,
        gridTemplateColumns: { xs: "minmax(0,1fr)", lg: "repeat(2, minmax(0,1fr))" },
      }}
    >
      <Typography variant="h1" sx={{ gridColumn: "1 / -1" }}>
        Indoors or outdoors
      </Typography>
      {lots.data.map((lot) => (
        <LotCard key={lot.lotId} lot={lot} today={site.today} />
      ))}
    </Box>
  );
}

function LotCard({ lot, today }: { lot: LotBothWays; today: Day }) {
  const { palette } = useDevice();
  const rows: [string, (way: LotBothWays["indoors"]) => string][] = [
    ["batches", (way) => way.batches.map((n) => `B-${n}`).join(", ")],
    ["came up", (way) => `${way.emerged} of ${way.seeds}`],
    ["germination", (way) => `${percent(way.fraction)}, ${percent(way.low)} to ${percent(way.high)}`],
    ["begun", (way) => shortDay(way.startedOn, today)],
    ["first up", (way) => (way.firstUpOn ? shortDay(way.firstUpOn, today) : "not yet")],
    ["start to emergence", (way) => (way.meanDays === null ? "not yet" : `${way.meanDays.toFixed(0)} days`)],
    ["jobs recorded", (way) => several(way.gestures, "job")],
    [
      "lost",
      (way) =>
        way.lost.length === 0
          ? "none"
          : way.lost
              .map((l) =>
                l.cause === "unknown"
                  ? `${l.seedlings} unknown`
                  : `${l.seedlings} to ${WORDS.LossCause[l.cause]}`,
              )
              .join(", "),
    ],
  ];
  return (
    <Card label={`lot ${lot.lotId}`}>
      <Typography variant="h2">
        {lot.commonName}, lot {lot.lotId}
      </Typography>
      <Typography sx={{ fontWeight: 600 }} data-testid={`ways-${lot.lotId}`}>
        {lot.sentence}
      </Typography>
      <Box
        component="table"
        sx={{
          width: "100%",
          borderCollapse: "collapse",
          mt: 0.5,
          "& th, & td": {
            borderTop: `1px solid ${palette.line}`,
            py: 0.5,
            pr: 1,
            textAlign: "left",
            fontWeight: 400,
          },
          "& thead th": { fontWeight: 700, borderTop: "none" },
        }}
      >
        <thead>
          <tr>
            <td />
            <th>indoors</th>
            <th>outdoors</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, of]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{of(lot.indoors)}</td>
              <td>{of(lot.outdoors)}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Why lines={lot.working} about={`lot ${lot.lotId} both ways`} />
    </Card>
  );
}
