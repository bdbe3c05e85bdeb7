import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { Place, ReadingSeries } from "../../api/types";
import { ForRole } from "../../people/ForRole";
import { ChoiceField } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";

type Device = NonNullable<ReadingSeries["device"]>;

const DEVICES: [Device, string][] = [
  ["fridgeProbe", "fridge probe"],
  ["matThermostat", "heat-mat thermostat"],
  ["roomProbe", "room probe"],
];

const USUAL: Partial<Record<Place["kind"], Device>> = { coldShelf: "fridgeProbe", heatMat: "matThermostat" };

/** Attaching a probe that Gassel asks every ten minutes. Those that ship are simulated. */
export function Probe({ place, series }: { place: Place; series: ReadingSeries[] }) {
  const queries = useQueryClient();
  const [device, setDevice] = useState<Device>(USUAL[place.kind] ?? "roomProbe");
  const [error, setError] = useState<unknown>(null);
  if (series.some((s) => s.attached)) return null;
  const attach = async () => {
    setError(null);
    try {
      await answered(
        api.POST("/api/places/{id}/probe", { params: { path: { id: place.id } }, body: { device } }),
      );
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <ForRole role="grower">
      <Box sx={{ mt: 2 }}>
        <Typography sx={{ mb: 1, maxWidth: "70ch" }}>
          A probe is asked every ten minutes and warns on Rounds when the place is too warm, frozen, or
          silent. Those that come with Gassel are <b>simulated</b>: made-up readings, for trying out.
        </Typography>
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "flex-start" }}>
          <ChoiceField label="Probe" name="device" value={device} onChange={setDevice} choices={DEVICES} />
          <Button variant="outlined" onClick={() => void attach()} sx={{ minHeight: 56 }}>
            Attach the simulated probe
          </Button>
        </Box>
        <Failure error={error} />
      </Box>
    </ForRole>
  );
}
