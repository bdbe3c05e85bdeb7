import { useState } from "react";
import { Box, Button, MenuItem, TextField, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import { usePlaces, useSite } from "../../api/queries";
import type { SiteView } from "../../api/types";
import { useDevice } from "../../app/DeviceContext";
import type { Light } from "../../app/device";
import { Card } from "../../shared/Card";
import { DayField } from "../../shared/DayField";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";

/** Where the nursery is, and who records on this device. */
export function Site() {
  const site = useSite();
  const places = usePlaces().data ?? [];
  const { who, setWho, light, setLight } = useDevice();
  const [name, setName] = useState(who);
  if (site.error) return <Failure error={site.error} />;
  if (!site.data) return <Loading what="the site" />;
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1.2fr) minmax(0,1fr)" },
        alignItems: "start",
      }}
    >
      <SiteForm site={site.data} />
      <Box sx={{ display: "grid", gap: 2 }}>
        <Card label="this device">
          <Typography variant="h2" sx={{ mb: 1.5 }}>
            This device
          </Typography>
          <Box sx={{ display: "grid", gap: 2 }}>
            <TextField
              label="Who records on it"
              name="who"
              value={name}
              error={name.trim() === "" || name.length > 40}
              helperText={
                name.trim() === ""
                  ? "A name or a role, 1 to 40 characters."
                  : "Stands beside every entry made here."
              }
              onChange={(event) => {
                setName(event.target.value);
                if (event.target.value.trim() && event.target.value.length <= 40)
                  setWho(event.target.value.trim());
              }}
            />
            <TextField
              select
              label="Light"
              value={light}
              onChange={(event) => setLight(event.target.value as Light)}
            >
              <MenuItem value="light">light</MenuItem>
              <MenuItem value="dark">dark</MenuItem>
            </TextField>
          </Box>
        </Card>
        <Card label="places">
          <Typography variant="h2">Places</Typography>
          <Typography variant="body2" color="text.secondary" sx={{ mb: 0.5 }}>
            Temperatures are assumed until something measures them (our assumption).
          </Typography>
          {places.map((place) => (
            <Typography key={place.id}>
              {place.name}: {place.assumedC} °C
            </Typography>
          ))}
        </Card>
      </Box>
    </Box>
  );
}

function SiteForm({ site }: { site: SiteView }) {
  const queries = useQueryClient();
  const details = site.site;
  const [name, setName] = useState(details?.name ?? "");
  const [latitude, setLatitude] = useState<number | null>(details?.latitude ?? null);
  const [timeZone, setTimeZone] = useState(
    details?.timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
  );
  const [frost, setFrost] = useState<string | null>(site.nextLastFrost);
  const [error, setError] = useState<unknown>(null);
  const [saved, setSaved] = useState(false);

  const save = async () => {
    setError(null);
    setSaved(false);
    try {
      if (latitude === null || frost === null) return;
      await answered(api.PUT("/api/site", { body: { name, latitude, timeZone, lastFrost: frost.slice(5) } }));
      await queries.invalidateQueries();
      setSaved(true);
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Card label="site">
      <Typography variant="h1" sx={{ mb: 0.5 }}>
        {details ? "Site" : "Where do you grow"}
      </Typography>
      <Typography sx={{ mb: 2, maxWidth: "60ch" }}>
        The day, the frost and later the sun follow from these four.
      </Typography>
      <Box
        component="form"
        noValidate
        sx={{ display: "grid", gap: 2, maxWidth: 460 }}
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <TextField label="Name" name="name" value={name} onChange={(event) => setName(event.target.value)} />
        <NumberField
          label="Latitude"
          name="latitude"
          value={latitude}
          onChange={setLatitude}
          min={-90}
          max={90}
          whole={false}
          unit="°, north positive"
        />
        <TextField
          label="Time zone"
          name="timeZone"
          value={timeZone}
          onChange={(event) => setTimeZone(event.target.value)}
          helperText="IANA name, for instance America/Denver"
        />
        <DayField
          label="Usual last frost"
          name="lastFrost"
          value={frost}
          today={site.today}
          onChange={setFrost}
        />
        <Failure error={error} />
        <Box sx={{ display: "flex", gap: 2, alignItems: "center", flexWrap: "wrap" }}>
          <Button
            type="submit"
            variant="contained"
            disabled={latitude === null || frost === null || name.trim() === ""}
          >
            save the site
          </Button>
          {saved && (
            <Typography role="status">
              Saved. Next:{" "}
              <Link to="/seed" style={{ color: "inherit" }}>
                enter your seed
              </Link>
              .
            </Typography>
          )}
        </Box>
      </Box>
    </Card>
  );
}
