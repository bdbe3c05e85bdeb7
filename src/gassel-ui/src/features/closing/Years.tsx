import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useSite, useYears } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { YearsAxis, YearsChart } from "../../drawings/YearsChart";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { unbroken } from "../../shared/units";
import { shortDay } from "../../time/days";
import { ForecastsJudged } from "../learning/ForecastsJudged";
import { yearSpan } from "./closingWords";
import { yearsNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

/** Batches that live through two winters or more, one under the other along the years. */
export function Years() {
  const years = useYears();
  const site = useSite().data;
  const { palette } = useDevice();
  if (years.error) return <Failure error={years.error} />;
  if (!years.data || !site) return <Loading what="the years" />;
  const records = years.data;
  if (records.length === 0)
    return (
      <>
        <EmptyNote
          title="No batch goes through a second winter"
          action={
            <Button component={Link} to="/season" variant="contained">
              To the season
            </Button>
          }
        >
          Batches that take more than one winter appear here: double dormancy, bulbs growing to planting size,
          trays kept for another spring.
        </EmptyNote>
        <ForecastsJudged />
      </>
    );
  const south = (site.site?.latitude ?? 0) < 0;
  const [from, to] = yearSpan(records, site.today);
  const span = { from, to, today: site.today, south };
  const second = records.filter((r) => r.wintersSoFar >= 2).length;
  return (
    <>
      <Card label="over the years">
        <Typography variant="h1" data-testid="years">
          {several(records.length, "batch", "batches")} for two winters or more
        </Typography>
        <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
          {second} of them past the middle of their second winter. Shaded: winter. Ochre: today,{" "}
          {shortDay(site.today)}. Diamond: plants of planting size, by the route.
        </Typography>
        <YearsAxis {...span} />
        {records.map((record) => (
          <Box key={record.id} sx={{ borderTop: `1px solid ${palette.line}`, pt: 0.75 }}>
            <Typography>
              <Link to={`/batches/${record.id}`} style={{ color: "inherit" }}>
                <b>B-{record.number}</b>
              </Link>{" "}
              {record.commonName}, since {shortDay(record.startedOn)}: {unbroken(record.words)}
            </Typography>
            <YearsChart record={record} {...span} />
          </Box>
        ))}
        <ChartTable {...yearsNumbers(records, site.today)} />
      </Card>
      <ForecastsJudged />
    </>
  );
}
