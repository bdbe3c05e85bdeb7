import { Box, Button, Typography } from "@mui/material";
import { Link, useLocation, useParams } from "react-router";
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
import { SearchField } from "../../shared/SearchField";
import { useAsked } from "../../shared/useAsked";
import { answers, growsIn, QUESTIONS } from "./questions";
import type { Ground, Question } from "./questions";
import { SpeciesSheet } from "./SpeciesSheet";
import { ForRole } from "../../people/ForRole";

const byName = (views: SpeciesView[]) =>
  [...views].sort((a, b) => a.species.commonName.localeCompare(b.species.commonName));

const ASKED_BY = ["find", "which", "light", "moisture"] as const;

/** What an address says, where it is one of the words. */
const known = <T extends string>(words: Record<T, string>, said: string | undefined): T | "" =>
  said !== undefined && said in words ? (said as T) : "";

/** The library: questions to it on the left, one species whole on the right. */
export function Species() {
  const species = useSpecies();
  const { id } = useParams();
  const frost = useSite().data?.nextLastFrost ?? null;
  const { asked, ask } = useAsked(ASKED_BY);
  const text = asked.find ?? "";
  const question = (QUESTIONS.find((q) => q.id === asked.which)?.id ?? "all") satisfies Question;
  const ground: Ground = {
    light: known(WORDS.SiteLight, asked.light),
    moisture: known(WORDS.SiteMoisture, asked.moisture),
  };
  const search = useLocation().search;
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
          <SearchField label="Find" name="find" value={text} ask={(words) => ask("find", words)} />
          <ChoiceField
            label="Which"
            name="question"
            value={question}
            onChange={(which) => ask("which", which === "all" ? "" : which)}
            helper={<span data-testid="species-found">{several(found.length, "species", "species")}</span>}
            choices={QUESTIONS.map((q) => [q.id, q.words])}
          />
          <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
            <ChoiceField<Ground["light"]>
              label="Light"
              name="light"
              value={ground.light}
              onChange={(light) => ask("light", light)}
              choices={[["", "any"], ...wordsOf(WORDS.SiteLight)]}
            />
            <ChoiceField<Ground["moisture"]>
              label="Ground"
              name="moisture"
              value={ground.moisture}
              onChange={(moisture) => ask("moisture", moisture)}
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
            to={{ pathname: `/species/${s.id}`, search }}
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
