import { useState } from "react";
import { Box, Button, ToggleButton, ToggleButtonGroup, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api, Refused } from "../../api/client";
import type { SiteSettings, SiteView, WeatherRecord } from "../../api/types";
import { useUnsaved } from "../../shared/useUnsaved";
import { Card } from "../../shared/Card";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { inUnits } from "../../shared/words";
import { WORDS } from "../../api/words";
import { DayField } from "../../shared/DayField";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";
import { PositionFields } from "../../shared/PositionFields";
import { ZoneField } from "../../shared/ZoneField";
import { ForRole } from "../../people/ForRole";
import { lastFrostOf } from "./lastFrost";
import { WordsField } from "../../shared/WordsField";
import { Form } from "../../shared/Form";

/** Where one grows, in which units and by which schools. */
export function SiteForm({ site, records }: { site: SiteView; records: WeatherRecord[] }) {
  const queries = useQueryClient();
  const details = site.site;
  const [name, setName] = useState(details?.name ?? "");
  const [latitude, setLatitude] = useState<number | null>(details?.latitude ?? null);
  const [timeZone, setTimeZone] = useState(
    details?.timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
  );
  const year = site.today.slice(0, 4);
  const [frost, setFrost] = useState<string | null>(details ? `${year}-${details.lastFrost}` : null);
  const [freeze, setFreeze] = useState<string | null>(
    site.settings.groundFreeze ? `${year}-${site.settings.groundFreeze}` : null,
  );
  const [firstFrost, setFirstFrost] = useState<string | null>(
    site.settings.firstFrost ? `${year}-${site.settings.firstFrost}` : null,
  );
  const [record, setRecord] = useState<number | null>(details?.weatherRecordId ?? null);
  const [settings, setSettings] = useState<SiteSettings>(site.settings);
  const [error, setError] = useState<unknown>(null);
  const [saved, setSaved] = useState(false);
  // as it was when the form was opened
  const [stamp, setStamp] = useState(site.stamp);
  const byRecord = settings.frostBasis === "record";
  const set = (part: Partial<SiteSettings>) => setSettings((before) => ({ ...before, ...part }));

  const [unsaved, letGo] = useUnsaved([
    name,
    latitude,
    timeZone,
    frost,
    freeze,
    firstFrost,
    record,
    settings,
  ]);

  const save = async () => {
    setError(null);
    setSaved(false);
    try {
      if (latitude === null) return;
      const lastFrost = lastFrostOf(frost, byRecord, details?.lastFrost);
      if (lastFrost === undefined)
        throw new Refused({
          status: 400,
          title: "Not accepted",
          detail: "The usual last frost is missing; valid is a day such as 8 May.",
          field: "lastFrost",
        });
      const after = await answered(
        api.PUT("/api/site", {
          params: { query: { asOf: stamp ?? undefined } },
          body: {
            name,
            latitude,
            timeZone,
            lastFrost,
            weatherRecordId: record,
            settings: {
              ...settings,
              firstFrost: firstFrost?.slice(5) ?? null,
              groundFreeze: freeze?.slice(5) ?? null,
            },
          },
        }),
      );
      setStamp(after.stamp);
      letGo();
      await queries.invalidateQueries();
      setSaved(true);
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Card label="site">
      {unsaved}
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        {details ? "Site" : "Where do you grow"}
      </Typography>
      <Form sx={{ display: "grid", gap: 1.5 }} error={error} send={() => void save()}>
        <WordsField label="Name" name="name" value={name} onChange={setName} />
        <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1fr" } }}>
          <PositionFields
            latitude={latitude}
            longitude={settings.longitude ?? null}
            change={(part) => {
              if (part.latitude !== undefined) setLatitude(part.latitude);
              if (part.longitude !== undefined) set({ longitude: part.longitude });
            }}
          />
          <MeasureField
            label="Elevation"
            name="elevation"
            measure="elevation"
            value={settings.elevationM}
            onChange={(elevationM) => set({ elevationM })}
            min={-450}
            max={6000}
          />
        </Box>
        <ZoneField value={timeZone} onChange={setTimeZone} />
        <ToggleButtonGroup
          exclusive
          value={settings.frostBasis}
          aria-label="frost"
          onChange={(_, next: SiteSettings["frostBasis"] | null) =>
            next &&
            (set({ frostBasis: next }),
            setRecord((r) => (next === "record" ? (r ?? records.at(-1)?.id ?? null) : r)))
          }
        >
          <ToggleButton value="hand">Frost by hand</ToggleButton>
          <ToggleButton value="record" disabled={records.length === 0}>
            By weather record
          </ToggleButton>
        </ToggleButtonGroup>
        {byRecord ? (
          <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: "1.4fr 1fr" }}>
            <ChoiceField
              label="Record"
              name="record"
              value={record === null ? "" : String(record)}
              onChange={(id) => setRecord(Number(id))}
              choices={records.map((r) => [String(r.id), r.name])}
            />
            <MeasureField
              label="Site compared with record"
              name="frostOffset"
              measure="difference"
              value={settings.frostOffsetK}
              onChange={(k) => set({ frostOffsetK: k ?? 0 })}
              min={-10}
              max={10}
              helper="minus for a cold hollow"
            />
          </Box>
        ) : (
          <DayField
            label="Usual last frost"
            name="lastFrost"
            value={frost}
            today={site.today}
            onChange={setFrost}
          />
        )}
        <DayField
          label="First frost of autumn, by hand"
          name="firstFrost"
          value={firstFrost}
          today={site.today}
          onChange={setFirstFrost}
        />
        <DayField
          label="Ground freezes, by hand"
          name="groundFreeze"
          value={freeze}
          today={site.today}
          onChange={setFreeze}
        />
        <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: "1fr 1fr" }}>
          <ChoiceField
            label="Units"
            name="units"
            value={settings.units}
            onChange={(units) => set({ units })}
            helper="everything is kept metric"
            choices={[
              ["metric", "Metric: °C, cm, l, km/h"],
              ["unitedStates", "United States: °F, in, gal, mph"],
            ]}
          />
          <ChoiceField
            label="Sowing depth"
            name="depthSchool"
            value={settings.depthSchool}
            onChange={(depthSchool) => set({ depthSchool })}
            helper="for species without a depth"
            choices={[
              ["width", "at most the seed’s width"],
              ["twiceWidth", "twice its width"],
              ["thriceThickness", "three times its thickness"],
              ["grit", `under ${settings.units === "metric" ? "3–6 mm" : "1/8–1/4 in"} of grit`],
            ]}
          />
        </Box>
        <ChoiceField
          label="Bags are checked"
          name="checkSchool"
          value={settings.checkSchool}
          onChange={(checkSchool) => set({ checkSchool })}
          helper="twice a week where seed sprouts in the cold and is past half of its shortest time"
          choices={wordsOf(WORDS.CheckSchool)}
        />
        <ChoiceField
          label="Mix that seed is sown into indoors"
          name="seedMix"
          value={settings.seedMix}
          onChange={(seedMix) => set({ seedMix })}
          helper="decides when seedlings need feeding"
          choices={wordsOf(WORDS.ContainerMix)}
        />
        <ChoiceField
          label="A dome comes off"
          name="domeSchool"
          value={settings.domeSchool}
          onChange={(domeSchool) => set({ domeSchool })}
          helper="kinds that come up in the cool get none"
          choices={wordsOf(WORDS.DomeSchool)}
        />
        <NumberField
          label="Frost risk accepted at planting out"
          name="frostRisk"
          unit="%"
          value={Math.round(settings.frostRisk * 100)}
          onChange={(percent) => percent !== null && set({ frostRisk: percent / 100 })}
          min={0}
          max={50}
          helper="in how many springs of a hundred a killing frost comes later"
        />
        <NumberField
          label="Freeze accepted over seedlings in containers"
          name="acceptFreeze"
          unit="%"
          value={Math.round(settings.acceptFreeze * 100)}
          onChange={(percent) => percent !== null && set({ acceptFreeze: percent / 100 })}
          min={0}
          max={100}
          helper="in how many springs of a hundred one kills what is up; decides when containers go out"
        />
        <ChoiceField
          label="Cold is counted in"
          name="coldSchool"
          value={settings.coldSchool}
          onChange={(coldSchool) => set({ coldSchool })}
          helper="on Rounds; the batch shows all three"
          choices={wordsOf(inUnits(WORDS.ColdSchool, settings.units))}
        />
        <ChoiceField
          label="Seed that sprouts in the bag"
          name="sproutSchool"
          value={settings.sproutSchool}
          onChange={(sproutSchool) => set({ sproutSchool })}
          helper="what Rounds suggests; you can record it differently each time"
          choices={wordsOf(WORDS.SproutSchool)}
        />
        <ChoiceField
          label="Seed viability falls"
          name="viabilitySchool"
          value={settings.viabilitySchool}
          onChange={(viabilitySchool) => set({ viabilitySchool })}
          helper={
            settings.viabilitySchool === "points"
              ? "a vegetable-seed rule; misleads for hard and after-ripening seed"
              : "by how long the kind keeps"
          }
          choices={[
            ["share", "by a fixed share each year"],
            ["points", "by 25 points a year"],
          ]}
        />
        <Failure error={error} />
        <Box sx={{ display: "flex", gap: 2, alignItems: "center", flexWrap: "wrap" }}>
          <ForRole role="grower" otherwise="Only growers and the owner can change this.">
            <Button
              type="submit"
              variant="contained"
              disabled={latitude === null || (!byRecord && frost === null) || name.trim() === ""}
            >
              Save the site
            </Button>
          </ForRole>
          {saved && (
            <Typography role="status" data-testid="site-saved">
              Saved. Next:{" "}
              <Link to="/seed" style={{ color: "inherit" }}>
                enter your seed
              </Link>
              .
            </Typography>
          )}
        </Box>
      </Form>
    </Card>
  );
}
