import { useState } from "react";
import { Box, Button, MenuItem, TextField, Typography } from "@mui/material";
import { Link, useParams } from "react-router";
import { useSite, useSpecies } from "../../book/queries";
import type { SpeciesView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { WORDS } from "../../api/words";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { answers, growsIn, QUESTIONS } from "./questions";
import type { Ground, Question } from "./questions";
import { SpeciesSheet } from "./SpeciesSheet";
import { ForRole } from "../../people/ForRole";

const byName = (views: SpeciesView[]) =>
  [...views].sort((a, b) => a.species.commonName.localeCompare(b.species.commonName));

/** The library: questions to it on the left, one species whole on the right. */
export function Species() {
  const species = useSpecies();
  const { id } = useParams();
  const frost = useSite().data?.nextLastFrost ?? null;
  const [text, setText] = useState("");
  const [question, setQuestion] = useState<Question>("all");
  const [ground, setGround] = useState<Ground>({ light: "", moisture: "" });
  const { palette } = useDevice();
  if (species.error) return <Failure error={species.error} />;
  if (!species.data) return <Loading what="the species" />;
  const found = byName(species.data).filter(
    (view) => answers(view, question, text, frost) && growsIn(view, ground),
  );
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
          <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
            <ChoiceField<Ground["light"]>
              label="Light"
              name="light"
              value={ground.light}
              onChange={(light) => setGround({ ...ground, light })}
              choices={[["", "any"], ...wordsOf(WORDS.SiteLight)]}
            />
            <ChoiceField<Ground["moisture"]>
              label="Ground"
              name="moisture"
              value={ground.moisture}
              onChange={(moisture) => setGround({ ...ground, moisture })}
              choices={[["", "any"], ...wordsOf(WORDS.SiteMoisture)]}
            />
          </Box>
          <ForRole role="grower">
            <Button component={Link} to="/species/new" variant="outlined">
              Add a species
            </Button>
          </ForRole>
        </Box>
        {found.length === 0 && (
          <Typography sx={{ p: 1 }}>Nothing matches. Choose all, or remove a word.</Typography>
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
        <SpeciesSheet view={chosen} />
      ) : (
        <EmptyNote
          title="There is no such species"
          action={
            <Button component={Link} to="/species">
              To the library
            </Button>
          }
        >
          Choose one of the species in the list.
        </EmptyNote>
      )}
    </Box>
  );
}
