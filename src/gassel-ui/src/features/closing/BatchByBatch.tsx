import { useState } from "react";
import { Box, Button, Checkbox, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import type { BatchAccount, SeasonAccount } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { ForRole } from "../../people/ForRole";
import { useWho } from "../../people/usePerson";
import { newId } from "../../record/newId";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { tallyWords } from "../plants/plantWords";
import { forecastWords } from "./closingWords";

/** The batches one by one; those that are chosen are planned once more, a year on. */
export function BatchByBatch({ account, today }: { account: SeasonAccount; today: Day }) {
  const { palette } = useDevice();
  const who = useWho();
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<string[]>([]);
  const [told, setTold] = useState<string[] | null>(null);
  const [error, setError] = useState<unknown>(null);
  const again = async () => {
    setError(null);
    try {
      const answer = await answered(
        api.POST("/api/closing/next-season", {
          body: { who, batches: chosen.map((from) => ({ from, id: newId() })) },
        }),
      );
      setTold([
        ...(answer.made.length === 0
          ? []
          : [
              `${several(answer.made.length, "batch", "batches")} planned for ` +
                `next season: ${answer.made.map((b) => `B-${b.number}`).join(", ")}.`,
            ]),
        ...answer.refused,
      ]);
      setChosen([]);
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  const toggle = (id: string) =>
    setChosen((before) => (before.includes(id) ? before.filter((x) => x !== id) : [...before, id]));
  return (
    <Card label="batch by batch" sx={{ overflowX: "auto" }}>
      <Typography variant="h2">Batch by batch</Typography>
      <Box
        component="table"
        sx={{
          width: "100%",
          borderCollapse: "collapse",
          "& th, & td": {
            borderTop: `1px solid ${palette.line}`,
            py: 0.25,
            pr: 1,
            textAlign: "left",
            fontWeight: 400,
            verticalAlign: "middle",
          },
          "& thead th": { fontWeight: 600, borderTop: "none" },
        }}
      >
        <thead>
          <tr>
            <th>again</th>
            <th>batch</th>
            <th>came up</th>
            <th>forecast</th>
            <th>plants</th>
            <th>work</th>
            <th>cost</th>
            <th>books</th>
          </tr>
        </thead>
        <tbody>
          {account.batches.map((b) => (
            <Row
              key={b.id}
              batch={b}
              today={today}
              chosen={chosen.includes(b.id)}
              toggle={() => toggle(b.id)}
            />
          ))}
        </tbody>
      </Box>
      <ForRole role="grower">
        <Box
          sx={{
            display: "flex",
            alignItems: "center",
            gap: 1.5,
            flexWrap: "wrap",
            mt: 1,
            "@media print": { display: "none" },
          }}
        >
          <Button variant="contained" disabled={chosen.length === 0} onClick={() => void again()}>
            Plan {chosen.length > 0 ? several(chosen.length, "batch", "batches") : "the chosen"} again for
            next season
          </Button>
          <Typography variant="body2" sx={{ flex: "1 1 40ch" }}>
            Same species, route and number of plants, a year later. Same lot, or the youngest if it is used
            up. Seed number from your own results.
          </Typography>
        </Box>
      </ForRole>
      <Failure error={error} />
      {told?.map((line) => (
        <Typography key={line} sx={{ fontWeight: 600 }} data-testid="next-season">
          {line}
        </Typography>
      ))}
    </Card>
  );
}

interface RowProps {
  batch: BatchAccount;
  today: Day;
  chosen: boolean;
  toggle: () => void;
}

function Row({ batch: b, today, chosen, toggle }: RowProps) {
  return (
    <tr data-testid={`book-${b.number}`}>
      <td>
        <Checkbox
          checked={chosen}
          onChange={toggle}
          slotProps={{ input: { "aria-label": `plan B-${b.number} again` } }}
          sx={{ width: 48, height: 48 }}
        />
      </td>
      <td>
        <Link to={`/batches/${b.id}`} style={{ color: "inherit" }}>
          <b>B-{b.number}</b>
        </Link>{" "}
        {b.commonName}, {b.routeName}
      </td>
      <td>
        {b.fraction === null || b.low === null || b.high === null
          ? "not counted yet"
          : `${b.counted === "soFar" ? "at least " : ""}${percent(b.fraction)} of ${b.seeds}, ${percent(b.low)} ` +
            `to ${percent(b.high)}${b.meanDays === null ? "" : `; ${b.meanDays.toFixed(0)} days`}`}
      </td>
      <td data-testid="books-forecast">{forecastWords(b)}</td>
      <td>{tallyWords(b.plants)}</td>
      <td>{several(b.gestures, "job")}</td>
      <td style={{ whiteSpace: "nowrap" }}>
        {b.cost.total === null
          ? "no price yet"
          : `${b.cost.total.toFixed(2)}${b.cost.perPlant === null ? "" : `; ${b.cost.perPlant.toFixed(2)} each`}`}
        <Why lines={b.cost.working} about={`the cost of B-${b.number}`} />
      </td>
      <td>
        <Link to={`/batches/${b.id}/books`} style={{ color: "inherit" }}>
          {b.booksClosedOn
            ? `closed ${shortDay(b.booksClosedOn, today)}`
            : b.isOver
              ? "ready to close"
              : "open"}
        </Link>
      </td>
    </tr>
  );
}
