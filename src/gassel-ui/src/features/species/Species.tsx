import { useState } from "react";
import { Box, Button, MenuItem, TextField, Typography } from "@mui/material";
import { Link, useParams } from "react-router";
import { useSite, useSpecies } from "../../api/queries";
import type { SpeciesView } from "../../api/types";
import { useDevice } from "../../app/DeviceContext";
import { stepWords, textureFill } from "../../drawings/steps";
import { Card } from "../../shared/Card";
import { Cautions } from "../../shared/Cautions";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { shortDay } from "../../time/days";
import { answers, QUESTIONS } from "./questions";
import type { Question } from "./questions";
import { hardinessWords, bandWords, classWords, depthWords, durationWords, flagWords } from "./speciesWords";

/** Requirements of each species: class, route, temperatures, cautions, and where the values come from. */
export function Species() {
  const species = useSpecies();
  const { id } = useParams();
  const frost = useSite().data?.nextLastFrost ?? null;
  const [text, setText] = useState("");
  const [question, setQuestion] = useState<Question>("all");
  const { palette } = useDevice();
  if (species.error) return <Failure error={species.error} />;
  if (!species.data) return <Loading what="the species" />;
  const found = species.data.filter((view) => answers(view, question, text, frost));
  const chosen = species.data.find((s) => s.species.id === (id ?? found[0]?.species.id));
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "270px minmax(0,1fr)" },
        alignItems: "start",
      }}
    >
      <Card label="species" sx={{ p: { xs: 0.5, md: 1 } }}>
        <Box sx={{ display: "grid", gap: 1.5, p: 1 }}>
          <TextField
            label="Find"
            name="find"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <TextField
            select
            label="Which"
            name="question"
            value={question}
            onChange={(event) => setQuestion(event.target.value as Question)}
            helperText={several(found.length, "species", "species")}
          >
            {QUESTIONS.map((q) => (
              <MenuItem key={q.id} value={q.id}>
                {q.words}
              </MenuItem>
            ))}
          </TextField>
        </Box>
        {found.length === 0 && (
          <Typography sx={{ p: 1 }}>None answers to that. Ask for all, or take a word out.</Typography>
        )}
        {found.map(({ species: s }) => (
          <Box
            key={s.id}
            component={Link}
            to={`/species/${s.id}`}
            aria-current={s.id === chosen?.species.id}
            sx={{
              display: "block",
              p: 1,
              minHeight: 48,
              color: "inherit",
              textDecoration: "none",
              borderLeft: `4px solid ${s.id === chosen?.species.id ? palette.ochre : "transparent"}`,
              bgcolor: s.id === chosen?.species.id ? palette.paper : "transparent",
              lineHeight: 1.25,
            }}
          >
            <Typography variant="h3" component="div">
              {s.commonName}
            </Typography>
            <Typography variant="body2" color="text.secondary" sx={{ fontStyle: "italic" }}>
              {s.scientificName}
            </Typography>
          </Box>
        ))}
      </Card>
      {chosen ? (
        <Sheet view={chosen} />
      ) : (
        <EmptyNote
          title="There is no such species"
          action={
            <Button component={Link} to="/species">
              to the library
            </Button>
          }
        >
          The library holds the species listed beside this.
        </EmptyNote>
      )}
    </Box>
  );
}

function Sheet({ view }: { view: SpeciesView }) {
  const { species, explained, routes } = view;
  const { palette } = useDevice();
  return (
    <Card label={species.commonName}>
      <Box sx={{ display: "flex", alignItems: "baseline", columnGap: 2, flexWrap: "wrap" }}>
        <Typography variant="h1">{species.commonName}</Typography>
        <Typography sx={{ fontStyle: "italic" }} color="text.secondary">
          {species.scientificName}
        </Typography>
        <Button component={Link} to={`/plan?species=${species.id}`} variant="contained" sx={{ ml: "auto" }}>
          plan a batch
        </Button>
      </Box>
      <Typography sx={{ mt: 1 }}>
        <strong>{classWords(species)}.</strong> {explained}
      </Typography>
      {species.flags.length > 0 && (
        <Typography>This kind {species.flags.map(flagWords).join("; ")}.</Typography>
      )}
      <Typography sx={{ mt: 0.5 }}>{species.notes}</Typography>
      <Typography sx={{ mt: 0.5 }}>
        Comes up at {bandWords(species.germination)}
        {species.nightC && ` by day, ${bandWords(species.nightC)} by night`}; sown{" "}
        {depthWords(species.sowingDepth)}. Seedlings {hardinessWords(species.hardiness)}.
        {species.hazard !== "none" && (
          <strong>
            {" "}
            {species.hazard === "toxic" ? "Toxic" : "Irritant"}: {species.hazardNote}
          </strong>
        )}
      </Typography>
      {species.lookAlike && (
        <Typography sx={{ mt: 0.5, fontWeight: 700 }}>
          Not to be taken for {species.lookAlike}: own tray, own box, own bed, a warning on every label.
        </Typography>
      )}
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        {species.origin}.
      </Typography>
      {species.routes.map((route, r) => (
        <Box key={route.id} sx={{ mt: 2 }}>
          <Typography variant="h2">
            Route: {route.name}{" "}
            <Box component="span" sx={{ fontWeight: 400, fontSize: "0.9rem", color: palette.ink2 }}>
              version {route.version}; started today it is sown{" "}
              {shortDay(routes[r]?.sowIfStartedToday.usual ?? "")}
            </Box>
          </Typography>
          {route.steps.map((step, i) => (
            <Box
              key={step.kind + String(i)}
              sx={{
                display: "grid",
                gridTemplateColumns: { xs: "64px 1fr", md: "96px 210px 1fr" },
                columnGap: 2,
                py: 1,
                borderTop: `1px solid ${palette.line}`,
                alignItems: "start",
              }}
            >
              <svg width="100%" height="34" aria-hidden="true">
                <rect
                  x="1"
                  y="1"
                  width="98%"
                  height="32"
                  rx="4"
                  fill={textureFill(step.kind)}
                  stroke={palette.ink2}
                  strokeOpacity="0.6"
                />
              </svg>
              <Box>
                <Typography variant="h3">
                  {stepWords(step.kind)}
                  {step.optional ? ", optional" : ""}
                </Typography>
                <Typography>
                  {durationWords(step.days)}
                  {step.band ? `, ${bandWords(step.band)}` : ""}
                </Typography>
              </Box>
              <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}>
                {step.note && <Typography>{step.note}</Typography>}
                <Cautions cautions={routes[r]?.stepCautions[i] ?? []} />
              </Box>
            </Box>
          ))}
        </Box>
      ))}
    </Card>
  );
}
