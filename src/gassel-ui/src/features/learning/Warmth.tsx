import { Box, Typography } from "@mui/material";
import { useSpeciesWarmth } from "../../book/queries";
import type { WarmthTold } from "../../api/types";
import { WarmthChart } from "../../drawings/WarmthChart";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { degrees, useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";

/** With how much warmth a species comes up, by own sowings indoors. */
export function Warmth({ species }: { species: string }) {
  const { data, error } = useSpeciesWarmth(species);
  if (error) return <Failure error={error} />;
  const told = data?.told;
  if (!told) return null;
  return (
    <Card label="coming up by warmth" sx={{ mt: 2 }}>
      <Typography variant="h2">Coming up by warmth</Typography>
      <Typography sx={{ mt: 0.5 }} data-testid="warmth-words">
        {told.words} <Why lines={told.working} about="coming up by warmth" />
      </Typography>
      {told.beside.length > 0 && <Days told={told} />}
      {told.points.length > 0 && <WarmthChart told={told} />}
      {told.beside.length > 0 && <Beside told={told} />}
    </Card>
  );
}

function Days({ told }: { told: WarmthTold }) {
  const units = useUnits();
  return (
    <Typography sx={{ mt: 0.5 }} data-testid="warmth-days">
      Half up{" "}
      {told.at
        .map(
          ({ tempC, days }) =>
            `${days.half.toFixed(0)} days after sowing at ${degrees(tempC, units)} (${days.low.toFixed(0)} to ${days.high.toFixed(0)})`,
        )
        .join(", ")}
      .
    </Typography>
  );
}

/** Each sowing as it was told from the others. */
function Beside({ told }: { told: WarmthTold }) {
  const { palette } = useDevice();
  return (
    <Box sx={{ overflowX: "auto", mt: 1 }} tabIndex={0} role="region" aria-label="sowings by warmth">
      <Box
        component="table"
        sx={{
          borderSpacing: 0,
          "& td, & th": { textAlign: "right", py: 0.4, px: 1, borderBottom: `1px solid ${palette.line}` },
          "& :first-of-type": { textAlign: "left" },
          "& td": { whiteSpace: "nowrap" },
        }}
      >
        <thead>
          <tr>
            <th>sowing</th>
            <th>half up, day</th>
            <th>by warmth</th>
            <th>by route</th>
          </tr>
        </thead>
        <tbody>
          {told.beside.map((s, i) => (
            <tr key={i}>
              <td>B-{s.batch}</td>
              <td>
                {s.after + 1} to {s.to}
              </td>
              <td>
                {s.byWarmth.half.toFixed(0)} ({s.byWarmth.low.toFixed(0)} to {s.byWarmth.high.toFixed(0)})
              </td>
              <td>{s.routeDay}</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
