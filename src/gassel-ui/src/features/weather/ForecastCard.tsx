import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useForecast, useSite } from "../../book/queries";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { unbroken, useUnits } from "../../shared/units";
import { ForecastGrid } from "./ForecastGrid";
import { TonightsLow } from "./TonightsLow";

/** What is known of the weather to come, with the fields to tell it right there where it is missing or old. */
export function ForecastCard({ onItsPage = false }: { onItsPage?: boolean }) {
  const forecast = useForecast().data;
  const today = useSite().data?.today;
  const units = useUnits();
  const [open, setOpen] = useState(false);
  if (!forecast || !today) return null;
  const known = forecast.state === "known";
  return (
    <Card label="forecast" sx={{ py: { xs: 1, md: 1 }, mb: 1.5 }}>
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 1.5, rowGap: 0.5 }}>
        <Typography
          variant={known ? "body1" : "h3"}
          component={known ? "p" : "h2"}
          sx={{ display: "flex", gap: 0.75, flex: "1 1 34ch" }}
          data-testid="forecast-words"
          data-state={forecast.state}
        >
          {!known && <AlarmMark small />}
          <span>{unbroken(forecast.words)}</span>
        </Typography>
        {!known && !open && <TonightsLow lines={forecast.days} />}
        <Button
          size="small"
          variant={known ? "text" : "outlined"}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {open ? "Close" : "Enter forecast"}
        </Button>
        {!onItsPage && (
          <Button size="small" component={Link} to="/site/forecast">
            File or service
          </Button>
        )}
      </Box>
      {!known && forecast.onRecord && (
        <Typography variant="body2" color="text.secondary">
          {unbroken(forecast.onRecord)} A record is no forecast.
        </Typography>
      )}
      {forecast.skill && (
        <Typography variant="body2" color="text.secondary" data-testid="forecast-skill">
          {unbroken(forecast.skill)}
        </Typography>
      )}
      {open && (
        <ForecastGrid
          key={`${units}${forecast.days.map((d) => d.toldAt).join()}`}
          lines={forecast.days}
          today={today}
          close={() => setOpen(false)}
        />
      )}
    </Card>
  );
}
