import { WORDS } from "../../api/words";
import { degrees, useUnits } from "../../shared/units";
import type { Units } from "../../shared/units";
import { said } from "../../shared/words";
import { Box, Typography } from "@mui/material";
import type { ColdAmount, ColdMet, ColdSoFar, PartView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { ColdChart } from "../../drawings/ColdChart";
import { Card } from "../../shared/Card";
import { Why } from "../../shared/Why";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { metSpan, metWords } from "../temperature/coldMet";
import { TroubleList } from "../temperature/TroubleList";
import { coldNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

const days = (n: number) => n.toFixed(1);
const hours = (n: number) => String(Math.round(n));

interface School {
  name: string;
  of: (amount: ColdAmount) => number;
  shown: (n: number) => string;
  asked: (need: ColdSoFar["usual"]) => number;
  met: (need: ColdSoFar["usual"]) => ColdMet;
}

const knots = ({ noneBelowC, fullFromC, fullToC, noneAboveC }: ColdSoFar["response"], units: Units) =>
  [noneBelowC, fullFromC, fullToC, noneAboveC].map((k) => degrees(k, units)).join(", ");

const schools = (cold: ColdSoFar, units: Units): School[] => [
  {
    name: `${said(WORDS.ColdSchool.weighted, units)}, this kind: ${knots(cold.response, units)}`,
    of: (a) => a.effective,
    shown: days,
    asked: (need) => need.days,
    met: (need) => need.weighted,
  },
  {
    name: `${said(WORDS.ColdSchool.weighted, units)}, plain`,
    of: (a) => a.effectiveByDefault,
    shown: days,
    asked: (need) => need.days,
    met: (need) => need.byDefault,
  },
  {
    name: said(WORDS.ColdSchool.chillHours, units),
    of: (a) => a.chillHours,
    shown: hours,
    asked: (need) => need.chillHours,
    met: (need) => need.hours,
  },
  {
    name: said(WORDS.ColdSchool.calendar, units),
    of: (a) => a.days,
    shown: days,
    asked: (need) => need.days,
    met: (need) => need.calendar,
  },
];

/** Cold gained against needed, by all schools side by side, measured and assumed apart. */
export function ColdCard({ part, today, alone }: { part: PartView; today: Day; alone: boolean }) {
  const { palette } = useDevice();
  const { cold } = part;
  const units = useUnits();
  if (!cold) return null;
  const uncertain = cold.all.effective - cold.certain.effective > 0.05;
  return (
    <Card label="cold">
      <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1.5 }}>
        <Typography variant="h2">{alone ? "Cold" : `Cold, part ${part.state.id}`}</Typography>
        <Typography data-testid="cold-headline">
          {uncertain ? `${days(cold.certain.effective)} to ` : ""}
          {days(cold.all.effective)} of {cold.usual.days} days by temperature since{" "}
          {shortDay(cold.since, today)}; enough: {metWords(cold.usual.weighted, today)}, at the rate of the
          last week
        </Typography>
        <Why lines={cold.working} about="the cold so far" />
        {part.coldWorth && (
          <Typography variant="body2" sx={{ width: "100%" }} data-testid="cold-worth">
            {part.coldWorth}
          </Typography>
        )}
      </Box>
      <TroubleList troubles={part.troubles.filter((trouble) => trouble.isPresent)} />
      <ColdChart cold={cold} today={today} />
      <ChartTable {...coldNumbers(cold, units, today)} />
      <Typography variant="body2" color="text.secondary">
        Days gained, day by day. Solid: measured. Textured: assumed. Pale: may have been dry.
      </Typography>
      <Box sx={{ overflowX: "auto" }} tabIndex={0} role="region" aria-label="cold by all schools">
        <Box
          component="table"
          data-testid="cold-schools"
          sx={{
            borderCollapse: "collapse",
            width: "100%",
            mt: 1,
            "& th, & td": { borderTop: `1px solid ${palette.line}`, py: 0.5, pr: 1.5, textAlign: "right" },
            "& td": { whiteSpace: "nowrap" },
            "& th:first-of-type": { textAlign: "left", fontWeight: 400 },
            "& thead th": { borderTop: "none", fontWeight: 600, verticalAlign: "bottom" },
          }}
        >
          <thead>
            <tr>
              <th>counted as</th>
              <th>measured</th>
              <th>assumed</th>
              <th>together</th>
              <th>at least, usual</th>
              <th>usual met</th>
            </tr>
          </thead>
          <tbody>
            {schools(cold, units).map((school) => (
              <tr key={school.name}>
                <th scope="row">{school.name}</th>
                <td>{school.shown(school.of(cold.measured))}</td>
                <td>{school.shown(school.of(cold.assumed))}</td>
                <td>
                  <b>
                    {uncertain ? `${school.shown(school.of(cold.certain))}–` : ""}
                    {school.shown(school.of(cold.all))}
                  </b>
                </td>
                <td>
                  {school.asked(cold.shortest)}, {school.asked(cold.usual)}
                </td>
                <td>{metSpan(school.met(cold.usual), today)}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <TroubleList troubles={part.troubles.filter((trouble) => !trouble.isPresent)} />
    </Card>
  );
}
