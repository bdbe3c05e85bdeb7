import { Box, Typography } from "@mui/material";
import { Link, useParams } from "react-router";
import { usePlaceTemperature, useSite, useTemperatures } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { degrees, useUnits } from "../../shared/units";
import { shortDay } from "../../time/days";
import { SiteParts } from "../site/SiteParts";
import { Broker } from "./Broker";
import { HumidityChart } from "./HumidityChart";
import { NewThermometer } from "./NewThermometer";
import { Probe } from "./Probe";
import { SeriesList } from "./SeriesList";
import { TemperatureChart } from "./TemperatureChart";
import { nowWords } from "./temperatureWords";
import { TroubleList } from "./TroubleList";

/** How warm each place is and was, by which thermometer. */
export function Temperature() {
  const all = useTemperatures();
  const { place } = useParams();
  const site = useSite().data;
  const units = useUnits();
  const { palette } = useDevice();
  if (all.error) return <Failure error={all.error} />;
  if (!all.data || !site) return <Loading what="the temperatures" />;
  // a place with trouble is opened first, else one that is measured
  const first =
    all.data.find((p) => p.now.troubles.length > 0) ??
    all.data.find((p) => p.now.source === "measured") ??
    all.data[0];
  const chosen = place ?? first?.place.id ?? "";
  return (
    <>
      <SiteParts />
      <Box
        sx={{
          display: "grid",
          gap: 2,
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "320px minmax(0,1fr)" },
          alignItems: "start",
        }}
      >
        <Card label="places">
          <Typography variant="h1" sx={{ mb: 1 }}>
            Temperatures
          </Typography>
          {all.data.map((p) => (
            <Box
              key={p.place.id}
              component={Link}
              to={`/site/temperature/${p.place.id}`}
              aria-current={p.place.id === chosen ? "true" : undefined}
              data-testid={`place-${p.place.id}`}
              sx={{
                display: "block",
                minHeight: 48,
                py: 0.75,
                px: 1,
                mx: -1,
                color: "inherit",
                textDecoration: "none",
                borderTop: `1px solid ${palette.line}`,
                borderLeft: `4px solid ${p.place.id === chosen ? palette.slate : "transparent"}`,
                "&:hover": { bgcolor: palette.paper },
              }}
            >
              <Typography variant="h3" component="div" sx={{ display: "flex", gap: 0.75 }}>
                {p.now.troubles.length > 0 && <AlarmMark />}
                {p.place.name}
              </Typography>
              <Typography variant="body2" color="text.secondary">
                {nowWords(p.now, units, site.timeZone, site.today)}
              </Typography>
            </Box>
          ))}
          <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
            What is not measured is assumed, and each batch shows that part of its cold apart. Set what is
            assumed under Place and frost.
          </Typography>
        </Card>
        <PlaceSheet key={chosen} id={chosen} />
        <Box sx={{ gridColumn: { md: 2 } }}>
          <Broker />
        </Box>
      </Box>
    </>
  );
}

function PlaceSheet({ id }: { id: string }) {
  const detail = usePlaceTemperature(id);
  const site = useSite().data;
  const units = useUnits();
  if (detail.error) return <Failure error={detail.error} />;
  if (!detail.data || !site) return <Loading what="the place" />;
  const { place, now, series, troubles, typed } = detail.data;
  const over = troubles.filter((t) => !t.isPresent).reverse();
  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <Card label={place.name}>
        <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1.5 }}>
          <Typography variant="h2">{place.name}</Typography>
          <Typography data-testid="place-now">{nowWords(now, units, site.timeZone, site.today)}</Typography>
        </Box>
        <TroubleList troubles={now.troubles} />
        <TemperatureChart detail={detail.data} timeZone={site.timeZone} today={site.today} />
        <HumidityChart
          hours={detail.data.humidity}
          place={place.name}
          timeZone={site.timeZone}
          today={site.today}
        />
        {typed.length > 0 && (
          <Typography variant="body2">
            Read by eye:{" "}
            {typed
              .slice(-5)
              .map((t) => `${shortDay(t.on, site.today)} ${degrees(t.tempC, units)}`)
              .join(", ")}
            .
          </Typography>
        )}
      </Card>
      <Card label="thermometers">
        <Typography variant="h2">Thermometers and files</Typography>
        <SeriesList series={series} place={place} />
        <NewThermometer place={place} series={series} />
        {site.demo && <Probe place={place} series={series} />}
      </Card>
      {over.length > 0 && (
        <Card label="what happened">
          <Typography variant="h2">What happened here</Typography>
          <TroubleList troubles={over} />
        </Card>
      )}
    </Box>
  );
}
