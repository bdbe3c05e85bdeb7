import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import { useSpecies } from "../../book/queries";
import type { RouteSetting, SpeciesView, StepKind } from "../../api/types";
import { stepWords } from "../../drawings/steps";
import { useUnsaved } from "../../shared/useUnsaved";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Form } from "../../shared/Form";
import { Loading } from "../../shared/Loading";
import { NoSuchView } from "../../shared/NoSuchView";
import { forbidden, freshStep, inHand, moved, STEP_KINDS, toDraft, withEmergence } from "./routeDraft";
import type { StepInHand } from "./routeDraft";
import { durationWords } from "./speciesWords";
import { StepRow } from "./StepRow";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";

/** Writing a route: a copy of one, or the next version of one. */
export function RouteEditor() {
  const { id, routeId } = useParams();
  const [asked] = useSearchParams();
  const species = useSpecies();
  if (species.error) return <Failure error={species.error} />;
  if (!species.data) return <Loading what="the route" />;
  const view = species.data.find((s) => s.species.id === id);
  // of another species where the address names one
  const giver = asked.get("of") ? species.data.find((s) => s.species.id === asked.get("of")) : view;
  const like = giver?.species.routes.find((r) => r.id === (routeId ?? asked.get("like")));
  if (!view || !giver || !like) return <NoSuchView />;
  return (
    <Editor
      key={like.id}
      view={view}
      giver={giver === view ? null : giver.species.commonName}
      like={withEmergence(like, asked.get("germinate"))}
      from={asked.get("origin") ?? ""}
      copy={routeId === undefined}
    />
  );
}

type Route = SpeciesView["species"]["routes"][number];

interface EditorProps {
  view: SpeciesView;
  /** The species whose route is copied, where it is another. */
  giver: string | null;
  like: Route;
  copy: boolean;
  /** Where the change comes from, as a word to begin with. */
  from: string;
}

function Editor({ view, giver, like, copy, from }: EditorProps) {
  const { species } = view;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const firstName = copy ? `${like.name}, ${giver ? `as ${giver}` : "mine"}` : like.name;
  const [name, setName] = useState(firstName);
  const [setting, setSetting] = useState<RouteSetting>(like.setting);
  const [origin, setOrigin] = useState(from);
  const [steps, setSteps] = useState<StepInHand[]>(() => like.steps.map(inHand));
  const [nextKey, setNextKey] = useState(like.steps.length);
  const [error, setError] = useState<unknown>(null);

  // judged with a word in the place of an origin that is still to come
  const draft = toDraft(name || "route", setting, origin || "own", steps);
  const judged = useQuery({
    queryKey: ["route-judgement", species.id, draft],
    enabled: draft !== null && steps.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: ({ signal }) => {
      if (!draft) throw new Error("nothing to judge");
      return answered(
        api.POST("/api/species/{id}/route-judgement", {
          params: { path: { id: species.id } },
          body: draft,
          signal,
        }),
      );
    },
  });
  const objections = judged.data?.objections ?? [];

  // leaving with work in hand would lose it
  const [unsaved, letGo] = useUnsaved([name, setting, origin, steps]);

  const save = async () => {
    if (!draft) return;
    setError(null);
    try {
      await answered(
        copy
          ? api.POST("/api/species/{id}/routes", { params: { path: { id: species.id } }, body: draft })
          : api.PUT("/api/species/{id}/routes/{routeId}", {
              params: { path: { id: species.id, routeId: like.id } },
              body: draft,
            }),
      );
      await queries.invalidateQueries();
      letGo();
      await navigate(`/species/${species.id}`);
    } catch (refused) {
      setError(refused);
    }
  };
  const change = (key: number, part: Partial<StepInHand>) =>
    setSteps((before) => before.map((step) => (step.key === key ? { ...step, ...part } : step)));
  const add = (kind: StepKind) => {
    setSteps((before) => {
      // where a season meets it: before the first later step
      const at = before.findIndex((step) => STEP_KINDS.indexOf(step.kind) > STEP_KINDS.indexOf(kind));
      const place = at < 0 ? before.length : at;
      return [...before.slice(0, place), freshStep(kind, nextKey), ...before.slice(place)];
    });
    setNextKey(nextKey + 1);
  };

  return (
    <Card label="route">
      {unsaved}
      <Box sx={{ display: "flex", alignItems: "baseline", columnGap: 2, flexWrap: "wrap", mb: 1.5 }}>
        <Typography variant="h1">
          {copy ? `A route of your own for ${species.commonName}` : `${species.commonName}: ${like.name}`}
        </Typography>
        <Typography variant="body2" color="text.secondary" data-testid="route-origin">
          {copy
            ? `begun as a copy of “${like.name}”` +
              `${giver ? ` of ${giver}: its days, including the days to come up, are from there until you change them` : ""}`
            : `saving makes version ${like.version + 1}; batches keep the version they were planned with`}
        </Typography>
      </Box>
      <Form error={error} send={() => void save()}>
        <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", md: "1.2fr 1fr 1.6fr" } }}>
          <WordsField label="Name" name="name" value={name} onChange={setName} />
          <ChoiceField
            label="Where"
            name="setting"
            value={setting}
            onChange={setSetting}
            choices={wordsOf(WORDS.RouteSetting)}
          />
          <WordsField
            label="Where these days come from"
            name="origin"
            value={origin}
            onChange={setOrigin}
            helper="for instance own results 2026, or a local handbook with its page"
          />
        </Box>
        {steps.map((step, i) => (
          <StepRow
            key={step.key}
            view={view}
            step={step}
            number={i + 1}
            objections={objections.filter((o) => o.step === i).map((o) => o.why)}
            change={(part) => change(step.key, part)}
            move={(by) => setSteps((before) => moved(before, i, by))}
            remove={() => setSteps((before) => before.filter((s) => s.key !== step.key))}
            isFirst={i === 0}
            isLast={i === steps.length - 1}
          />
        ))}
        {steps.length === 0 && (
          <Typography sx={{ py: 2 }}>A route needs at least one step. Add germinating first.</Typography>
        )}
        <Box sx={{ display: "flex", gap: 2, flexWrap: "wrap", alignItems: "flex-start", mt: 1.5 }}>
          <ChoiceField
            label="Add a step"
            name="addStep"
            value=""
            onChange={add}
            sx={{ minWidth: 260 }}
            choices={STEP_KINDS.map((kind) => {
              const why = forbidden(view, kind, null);
              return why === null
                ? [kind, stepWords(kind)]
                : [kind, `${stepWords(kind)}: not for this seed. ${why}`, "barred"];
            })}
          />
          <Button
            type="submit"
            variant="contained"
            disabled={!draft || steps.length === 0 || objections.length > 0 || origin.trim() === ""}
            sx={{ minHeight: 56 }}
          >
            {copy ? "Save the route" : `Save version ${like.version + 1}`}
          </Button>
          <Button component={Link} to={`/species/${species.id}`} sx={{ minHeight: 56 }}>
            Cancel
          </Button>
          <Typography sx={{ alignSelf: "center" }} role="status">
            {draft === null
              ? "A number is missing or does not fit."
              : objections.length > 0
                ? `${objections.length === 1 ? "One objection" : `${objections.length} objections`}, named at the steps.`
                : judged.data?.treatmentDays
                  ? `Before sowing: ${durationWords(judged.data.treatmentDays)}.` +
                    `${origin.trim() === "" ? " Say where the days come from." : ""}`
                  : ""}
          </Typography>
        </Box>
        <Failure error={error} />
      </Form>
    </Card>
  );
}
