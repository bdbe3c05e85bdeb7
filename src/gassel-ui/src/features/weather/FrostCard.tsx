import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useFrost } from "../../book/queries";
import type { SiteView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { degrees, useUnits } from "../../shared/units";
import { shortDay } from "../../time/days";
import { FrostChart } from "./FrostChart";
import { ForRole } from "../../people/ForRole";
import { frostNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

/** The frosts on record, by year and in words. */
export function FrostCard({ site, record }: { site: SiteView; record: number | null }) {
  const frost = useFrost(record);
  const { palette } = useDevice();
  const units = useUnits();
  const importing = (
    <ForRole role="grower">
      <Button component={Link} to="/site/weather" variant="outlined">
        Import weather
      </Button>
    </ForRole>
  );
  if (record === null) {
    return (
      <Card label="frost">
        <Typography variant="h2">Frost</Typography>
        <Typography sx={{ mb: 1, maxWidth: "60ch" }}>
          A record of daily minima and maxima tells how late frost comes in one spring of ten, and when the
          ground freezes. Without one, plans use the day entered by hand.
        </Typography>
        {importing}
      </Card>
    );
  }
  if (frost.error) return <Failure error={frost.error} />;
  if (!frost.data) return <Loading what="the frosts" />;
  const { record: r, thresholds, groundFreezeWords, enough } = frost.data;
  const first = thresholds[0];
  return (
    <Card label="frost">
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 2 }}>
        <Typography variant="h2">Frost</Typography>
        <Typography variant="body2" sx={{ color: palette.ink2 }}>
          {r.name}
          {r.generated ? ", made up by a generator" : ""}, {shortDay(r.from)} to {shortDay(r.to)}
        </Typography>
        <Box sx={{ ml: "auto" }}>{importing}</Box>
      </Box>
      {first && (
        <>
          <Typography data-testid="frost-told">{first.spring}</Typography>
          <Typography>{first.autumn}</Typography>
          <FrostChart
            frost={first.frost}
            south={(site.site?.latitude ?? 0) < 0}
            enough={enough}
            said={`${first.spring} ${first.autumn}`}
          />
          <ChartTable {...frostNumbers(first.frost, degrees(first.thresholdC, units))} />
        </>
      )}
      {first && (
        <Typography variant="body2" sx={{ color: palette.ink2, mb: 0.5 }}>
          A line a year: ● last frost of spring, ☐ first frost of autumn, a minimum at or below{" "}
          {degrees(first.thresholdC, units)}.
        </Typography>
      )}
      <Typography sx={{ mb: 0.5 }}>{groundFreezeWords}</Typography>
      {thresholds.slice(1).map((t) => (
        <Typography
          key={t.thresholdC}
          variant="body2"
          sx={{ borderTop: `1px solid ${palette.line}`, py: 0.5 }}
        >
          <strong>{degrees(t.thresholdC, units)}</strong>, which kills {t.hurts}:{" "}
          {t.spring.charAt(0).toLowerCase() + t.spring.slice(1)}
        </Typography>
      ))}
    </Card>
  );
}
