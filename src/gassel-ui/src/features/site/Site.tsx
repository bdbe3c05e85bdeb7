import { useState } from "react";
import { Box, Typography } from "@mui/material";
import { useSession, useSite, useWeatherRecords } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { FrostCard } from "../weather/FrostCard";
import { SignedIn } from "../../people/SignedIn";
import { SiteForm } from "./SiteForm";
import { SiteParts } from "./SiteParts";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField } from "../../shared/ChoiceField";

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
          <WordsField
            label="Who records on it"
            name="who"
            value={name}
            max={40}
            fault={name.trim() === "" ? "A name or a role, 1 to 40 characters." : null}
            helper="Shown beside every entry made here."
            onChange={(written) => {
              setName(written);
              if (written.trim()) setWho(written.trim());
            }}
          />
        )}
        <ChoiceField
          label="Light"
          name="light"
          value={light}
          onChange={setLight}
          choices={[
            ["light", "light"],
            ["dark", "dark"],
          ]}
        />
      </Box>
    </Card>
  );
}
