import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link, useSearchParams } from "react-router";
import { useForecast, useSite, useYard } from "../../book/queries";
import type { ToSetOut } from "../../api/types";
import { OutlookStrip } from "../../drawings/OutlookStrip";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { unitOf, useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";
import { actDay, timeAt } from "../../time/days";
import { ForecastCard } from "../weather/ForecastCard";
import { AlertCard } from "./AlertCard";
import { PrepareDialog } from "./PrepareDialog";
import { YardSpotCard } from "./YardSpotCard";
import { yardHeadline } from "./yardWords";
import { DoneOnStepper } from "../../record/DoneOnStepper";
import { outlookNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

/** The winter containers: how they stand, what the weather asks, and what is to go out. */
export function Yard() {
  const yard = useYard();
  const site = useSite().data;
  const units = useUnits();
  const forecast = useForecast().data;
  const [pointed, setPointed] = useState<string[] | null>(null);
  const [asked, setAsked] = useSearchParams();
  const [preparing, setPreparing] = useState<ToSetOut | null>(null);
  if (yard.error) return <Failure error={yard.error} />;
  if (!yard.data || !site) return <Loading what="the yard" />;
  const { alerts, outlook, spots, toSetOut, today, working } = yard.data;
  const unwatched = spots.flatMap((spot) => spot.containers.filter((c) => !c.isWatched));
  const out = spots.some((spot) => spot.containers.length > 0);
  // from Rounds one comes for one batch
  const wanted = preparing ?? toSetOut.find((batch) => batch.batchId === asked.get("ready"));
  // once it is out it is no longer listed, and its list closes
  const ready = toSetOut.find((batch) => batch.batchId === wanted?.batchId && batch.part === wanted.part);
  const close = () => {
    setPreparing(null);
    setAsked({}, { replace: true });
  };
  const only = pointed === null ? null : new Set(pointed);
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 1.5, rowGap: 0.5 }}>
        <Typography
          variant="h1"
          sx={{ fontSize: { xs: "1.3rem", md: "1.6rem" }, mr: 1 }}
          data-testid="yard-headline"
        >
          {yardHeadline(yard.data)}
        </Typography>
        {out && (
          <Button component={Link} to="/count?where=yard" variant="outlined">
            Count
          </Button>
        )}
        <Button component={Link} to="/yard/waves" variant="outlined">
          When to set out
        </Button>
        <Button component={Link} to="/yard/ways">
          Indoors or outdoors
        </Button>
        <Box sx={{ ml: { md: "auto" } }}>
          <DoneOnStepper />
        </Box>
      </Box>
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1.45fr) minmax(0,1fr)" },
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 1.5, order: { xs: 2, md: 1 } }}>
          {outlook.length > 0 && (
            <Card label="outlook" sx={{ py: { xs: 1, md: 1 } }}>
              <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, flexWrap: "wrap" }}>
                <Typography variant="h2">Outdoors, {unitOf("temperature", units)}</Typography>
                <Typography variant="body2" color="text.secondary">
                  solid: recorded; dashed: forecast
                </Typography>
                <Why lines={working} about="the weather of the yard" />
              </Box>
              <OutlookStrip days={outlook} today={today} />
              <ChartTable {...outlookNumbers(outlook, units, today)} />
            </Card>
          )}
          {out ? (
            <Box sx={{ display: "grid", gap: 1 }}>
              <Typography
                variant="body2"
                color="text.secondary"
                hidden={spots.every((spot) => spot.containers.every((c) => c.airC === null))}
              >
                Air inside at {timeAt(Date.parse(yard.data.now), site.timeZone)} by the model; not calibrated
                unless a thermometer was placed in one.
              </Typography>
              {spots
                .filter((spot) => spot.containers.length > 0)
                .map((spot) => (
                  <YardSpotCard key={spot.place.id} spot={spot} only={only} />
                ))}
            </Box>
          ) : (
            <EmptyNote
              title="No container is out"
              action={
                <Button component={Link} to="/plan" variant="contained">
                  Plan a batch for the yard
                </Button>
              }
            >
              Plan a species by its winter container route. When its day comes, prepare it and set it out
              here. Then the yard shows the cold inside.
            </EmptyNote>
          )}
        </Box>
        <Box sx={{ display: "grid", gap: 1.5, order: { xs: 1, md: 2 } }}>
          <ForecastCard />
          <Card label="what the weather asks">
            {alerts.length === 0 && (
              <Typography data-testid="nothing-asked" data-state={forecast?.state}>
                {forecast?.state === "known"
                  ? `By this forecast nothing needs doing ${unwatched.length > 0 ? "for the others" : "in the yard today"}.`
                  : "Whether the yard needs anything is not known without a forecast. Check the containers yourself."}
              </Typography>
            )}
            {forecast?.state === "known" && unwatched.length > 0 && (
              <Typography data-testid="unwatched">
                <b>Not watched, check yourself:</b> {unwatched.map((c) => c.label).join(", ")}. Open one to
                see why.
              </Typography>
            )}
            {alerts.map((alert) => (
              <AlertCard key={alert.kind} alert={alert} onPoint={setPointed} />
            ))}
          </Card>
          {toSetOut.length > 0 && (
            <Card label="to set out">
              <Typography variant="h2">To make ready and set out</Typography>
              {toSetOut.map((batch) => (
                <Box
                  key={batch.batchId + batch.part}
                  sx={{ display: "flex", alignItems: "center", gap: 1, flexWrap: "wrap", mt: 0.5 }}
                >
                  <Typography sx={{ flex: "1 1 12ch" }}>
                    <b>
                      B-{batch.number} {batch.commonName}
                    </b>
                    , {batch.seeds} seeds, planned for {actDay(batch.dueOn, today)}
                  </Typography>
                  <Button
                    variant="contained"
                    // what belongs to a trial goes out by its layout, from the trial's page
                    {...(batch.trialId
                      ? { component: Link, to: `/trials/${batch.trialId}` }
                      : { onClick: () => setPreparing(batch) })}
                    aria-label={`make ready B-${batch.number}`}
                  >
                    Make ready
                  </Button>
                </Box>
              ))}
            </Card>
          )}
        </Box>
      </Box>
      {ready && (
        <PrepareDialog
          key={ready.batchId + ready.part}
          batch={ready}
          spots={spots}
          today={today}
          close={close}
        />
      )}
    </Box>
  );
}
