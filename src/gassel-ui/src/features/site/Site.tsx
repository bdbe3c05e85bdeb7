import { useState } from "react";
import { Box, MenuItem, TextField, Typography } from "@mui/material";
import { useSession, useSite, useWeatherRecords } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import type { Light } from "../../look/device";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { FrostCard } from "../weather/FrostCard";
import { SignedIn } from "../../people/SignedIn";
import { SiteForm } from "./SiteForm";
import { SiteParts } from "./SiteParts";

/** Where the nursery is, what the frost does there, and who records on this device. */
export function Site() {
  const site = useSite();
  const records = useWeatherRecords();
  const error = site.error ?? records.error;
  if (error) return <Failure error={error} />;
  if (!site.data || !records.data) return <Loading what="the site" />;
  return (
    <>
      <SiteParts />
      <Box
        sx={{
          display: "grid",
          gap: 2,
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1fr) minmax(0,1.35fr)" },
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 2 }}>
          <SiteForm key={site.data.site?.weatherRecordId ?? 0} site={site.data} records={records.data} />
          <Device />
        </Box>
        <Box sx={{ display: "grid", gap: 2 }}>
          {site.data.site && <FrostCard site={site.data} record={site.data.site.weatherRecordId ?? null} />}
        </Box>
      </Box>
    </>
  );
}

function Device() {
  const { who, setWho, light, setLight } = useDevice();
  const session = useSession().data;
  const [name, setName] = useState(who);
  return (
    <Card label="this device">
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        This device
      </Typography>
      <Box sx={{ display: "grid", gap: 2 }}>
        {session?.needed && <SignedIn session={session} />}
        {!session?.needed && (
          <TextField
            label="Who records on it"
            name="who"
            value={name}
            error={name.trim() === "" || name.length > 40}
            helperText={
              name.trim() === ""
                ? "A name or a role, 1 to 40 characters."
                : "Shown beside every entry made here."
            }
            onChange={(event) => {
              setName(event.target.value);
              if (event.target.value.trim() && event.target.value.length <= 40)
                setWho(event.target.value.trim());
            }}
          />
        )}
        <TextField
          select
          label="Light"
          value={light}
          onChange={(event) => setLight(event.target.value as Light)}
        >
          <MenuItem value="light">Light</MenuItem>
          <MenuItem value="dark">Dark</MenuItem>
        </TextField>
      </Box>
    </Card>
  );
}
