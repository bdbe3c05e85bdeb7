import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useSetOutRange, useSite, useWaves } from "../../book/queries";
import type { CapPosition, ContainerPreset, SpeciesWave } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { SetOutChart } from "../../drawings/SetOutChart";
import { Card } from "../../shared/Card";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { Why } from "../../shared/Why";
import { shortDay } from "../../time/days";
import { useUnits } from "../../shared/units";
import { inUnits } from "../../shared/words";
import type { Day } from "../../time/days";

/** Which species go out in which wave, by their need of cold against every winter on record. */
export function Waves() {
  const [preset, setPreset] = useState<ContainerPreset>("jug4");
  const [cap, setCap] = useState<CapPosition>("off");
  const waves = useWaves(preset, cap);
  const site = useSite().data;
  const units = useUnits();
  if (waves.error) return <Failure error={waves.error} />;
  if (!waves.data || !site) return <Loading what="thirty winters" />;
  const { record, generated, season, species, withheld } = waves.data;
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
        <Typography variant="h1" sx={{ mr: 1 }}>
          When to set out, winter {season}/{String((season + 1) % 100).padStart(2, "0")}
        </Typography>
        <ChoiceField
          label="In a"
          name="preset"
          size="small"
          value={preset}
          onChange={setPreset}
          choices={wordsOf<ContainerPreset>(inUnits(WORDS.ContainerPreset, units))}
          sx={{ minWidth: 180 }}
        />
        <ChoiceField
          label="With its"
          name="cap"
          size="small"
          value={cap}
          onChange={setCap}
          choices={wordsOf(WORDS.CapPosition)}
          sx={{ minWidth: 200 }}
        />
      </Box>
      {withheld !== null ? (
        <Card label="withheld">
          <Typography sx={{ fontWeight: 600 }}>{withheld}</Typography>
          <Link to="/site/weather">import a weather record</Link>
        </Card>
      ) : (
        <>
          <Typography variant="body2" color="text.secondary">
            {record}
            {generated && !record?.includes("generated") ? ", generated" : ""}: each winter simulated hour by
            hour in the container (uncalibrated model). Height: winters with enough cold before the warmth;
            broken line: a killing freeze after they are up; band: nine winters of ten.
          </Typography>
          <Card label="waves" sx={{ py: { xs: 0.5, md: 0.5 } }}>
            {species.map((wave) => (
              <WaveRow key={wave.routeId} wave={wave} container={{ preset, cap }} today={site.today} />
            ))}
          </Card>
        </>
      )}
    </Box>
  );
}

interface WaveRowProps {
  wave: SpeciesWave;
  container: { preset: ContainerPreset; cap: CapPosition };
  today: Day;
}

function WaveRow({ wave, container, today }: WaveRowProps) {
  const { palette } = useDevice();
  const [ranged, setRanged] = useState(false);
  const range = useSetOutRange(wave.speciesId, wave.routeId, container, ranged);
  const { setOut } = wave;
  return (
    <Box
      data-testid={`wave-${wave.speciesId}`}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1.1fr) minmax(0,1.3fr) minmax(0,1.7fr)" },
        columnGap: 2,
        alignItems: "start",
        borderTop: `1px solid ${palette.line}`,
        "&:first-of-type": { borderTop: "none" },
        py: 0.75,
      }}
    >
      <Box>
        <Typography sx={{ fontWeight: 700, lineHeight: 1.2 }}>
          <Link to={`/species/${wave.speciesId}`} style={{ color: "inherit" }}>
            {wave.commonName}
          </Link>
        </Typography>
        <Typography sx={{ lineHeight: 1.25 }}>
          {setOut.window
            ? `${shortDay(setOut.window.earliest, today)} to ${shortDay(setOut.window.latest, today)}`
            : "no safe day"}
          : {wave.wave}
        </Typography>
        <Typography variant="body2" color="text.secondary">
          needs at least {wave.coldDays.toFixed(0)} days of cold
          {wave.usualColdDays === null ? "" : `, usually ${wave.usualColdDays.toFixed(0)}`}
        </Typography>
      </Box>
      <SetOutChart result={setOut} today={today} compact />
      <Box>
        <Typography variant="body2" sx={{ lineHeight: 1.35 }}>
          {setOut.window ? setOut.tradeOff : `${setOut.windowWords} ${setOut.tradeOff}`}
        </Typography>
        {ranged && <Failure error={range.error} />}
        {ranged && range.data && (
          <Typography
            variant="body2"
            sx={{ mt: 0.5, lineHeight: 1.35 }}
            data-testid={`range-${wave.speciesId}`}
          >
            {range.data.words}
          </Typography>
        )}
        <Why lines={setOut.working} about={`the window of ${wave.commonName}`} />
        {setOut.window && !(ranged && range.data) && (
          <Button
            size="small"
            disabled={ranged && range.isPending}
            aria-label={`How sure? ${wave.commonName}`}
            onClick={() => setRanged(true)}
          >
            How sure?
          </Button>
        )}
      </Box>
    </Box>
  );
}
