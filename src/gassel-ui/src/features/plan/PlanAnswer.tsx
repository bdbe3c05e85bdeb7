import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answered, api } from "../../api/client";
import type { PlanChoice, PlanRequest, PlanView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { SERIF } from "../../look/theme";
import { AlarmMark } from "../../shared/AlarmMark";
import { newId } from "../../record/newId";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { NumberField } from "../../shared/NumberField";
import { percent, several } from "../../shared/numbers";
import { useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { LearnedNote } from "../learning/LearnedNote";
import { depthWords } from "../species/speciesWords";
import { Cells } from "./Cells";
import { Choices } from "./Choices";
import { LateCard } from "./LateCard";
import { PlanNotes } from "./PlanNotes";
import { PlanSteps } from "./PlanSteps";
import { RouteChoices } from "./RouteChoices";
import { SecondSowing } from "./SecondSowing";
import { SetOut } from "./SetOut";
import type { Wish } from "./wish";
import { useMay, useWho } from "../../people/usePerson";

interface PlanAnswerProps {
  onRoute: (routeId: string) => void;
  onStartOn: (day: Day) => void;
  sown: Wish["sown"];
  onSown: (sown: Wish["sown"]) => void;
  plan: PlanView;
  request: PlanRequest;
  today: Day;
  stale: boolean;
  /** A planned batch that is planned anew; null for a new one. */
  changing: { id: string; number: number; seeds: number } | null;
}

/** When to start, how many seeds, what to do if it is too late, and the confirmation that makes a batch. */
export function PlanAnswer(props: PlanAnswerProps) {
  const { plan, request, today, stale, onRoute, onStartOn, sown, onSown } = props;
  const { schedule, seeds } = plan;
  const { palette } = useDevice();
  const units = useUnits();
  const late = schedule.shortfallDays;
  const usualChoice: PlanChoice =
    late > 0 ? (schedule.options.find((o) => o.possible)?.kind ?? "moveTarget") : "usual";
  const [picked, setPicked] = useState<PlanChoice | null>(null);
  const choice =
    picked && (picked === "usual" || schedule.options.some((o) => o.kind === picked && o.possible))
      ? picked
      : usualChoice;
  const chosen = schedule.options.find((o) => o.kind === choice);
  return (
    <Box sx={{ display: "grid", gap: 2, opacity: stale ? 0.6 : 1 }} aria-busy={stale}>
      <Card label="the answer">
        <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr 1fr" }, gap: 2 }}>
          <Answer
            name={late > 0 ? "best start was" : "start"}
            value={actDay(schedule.start.usual, today)}
            id="plan-start"
          >
            {schedule.start.earliest === schedule.start.latest
              ? "fixed by the target"
              : `any day from ${shortDay(schedule.start.earliest, today)} to ${shortDay(schedule.start.latest, today)}`}
          </Answer>
          <Answer
            name="seeds to start"
            value={seeds.seeds === null ? "too many" : String(seeds.seeds)}
            id="plan-seeds"
          >
            {seeds.reachProbability !== null &&
              `${percent(seeds.reachProbability)} chance of ${several(request.plants, "plant")}`}
            {seeds.cells &&
              ` from ${several(seeds.cells.cells, "cell")} in ${several(seeds.cells.trays, "tray")}`}
            {seeds.naiveSeeds !== null && `; simple division gives ${seeds.naiveSeeds}`}
          </Answer>
          <Answer
            name="plants ready"
            value={actDay(chosen?.finish ?? schedule.finish.usual, today)}
            id="plan-finish"
          >
            {chosen
              ? "with the choice below"
              : schedule.finish.earliest === schedule.finish.latest
                ? "the target"
                : `between ${shortDay(schedule.finish.earliest, today)} and ${shortDay(schedule.finish.latest, today)}`}
          </Answer>
        </Box>
        <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, ml: -1 }}>
          <Why lines={schedule.working} about="the dates" words="why these dates" />
          <Why lines={seeds.working} about="the number of seeds" words="why this many seeds" />
        </Box>
        {plan.seedToFind && (
          <Typography sx={{ fontWeight: 600, mt: 0.5 }} data-testid="seed-to-find">
            No seed of this yet: calculated for this season’s wild seed. Find{" "}
            {seeds.seeds === null ? "the seed" : several(seeds.seeds, "seed")}, enter the lot, then create the
            batch.
          </Typography>
        )}
        {seeds.testSpeaks === false && (
          <Typography sx={{ fontWeight: 600, mt: 0.5 }}>
            Nothing came up in the test of this lot, so it does not tell how much will.
          </Typography>
        )}
        {!plan.seedToFind && plan.seedsShort > 0 && (
          <Typography sx={{ display: "flex", gap: 1, fontWeight: 600, mt: 0.5 }}>
            <AlarmMark />
            <span>
              The lot has {several(plan.seedsLeft, "seed")} left
              {seeds.seeds !== null && `, ${plan.seedsShort} too few`}. Gather more, want fewer plants, or
              start with what there is.
            </span>
          </Typography>
        )}
        {late > 0 && (
          <Typography sx={{ display: "flex", gap: 1, fontWeight: 600, mt: 0.5 }} data-testid="plan-late">
            <AlarmMark />
            <span>
              {late === 1 ? "1 day" : `${late} days`} past the usual start
              {schedule.feasible
                ? `; with every step at its shortest it can still start until ${shortDay(schedule.start.latest, today)}.`
                : ", and past the last possible start."}
            </span>
          </Typography>
        )}
        {plan.learned && <LearnedNote learned={plan.learned} tested={plan.lot.basis === "test"} />}
        <PlanNotes plan={plan} today={today} />
        <Confirm
          plan={plan}
          request={request}
          choice={choice}
          stale={stale}
          changing={props.changing}
          key={`${seeds.seeds ?? 0}-${plan.seedsLeft}`}
        />
      </Card>
      {late > 0 && (
        <Choices plan={plan} choice={choice} today={today} onChoose={setPicked} onRoute={onRoute} />
      )}
      {plan.late && <LateCard late={plan.late} today={today} />}
      <SetOut plan={plan} speciesId={request.speciesId} today={today} onStartOn={onStartOn} />
      {plan.second && <SecondSowing second={plan.second} plants={request.plants} today={today} />}
      {plan.routes.length > 1 && <RouteChoices plan={plan} today={today} onRoute={onRoute} />}
      <Cells plan={plan} sown={sown} onSown={onSown} />
      <Card label="the steps">
        <Typography variant="h2">Steps</Typography>
        <Typography variant="body2" sx={{ color: palette.ink2 }}>
          {plan.origin}. Sown {depthWords(plan.depth.depth, units)}. {plan.depth.why}
        </Typography>
        {plan.comesUp && (
          <Typography sx={{ fontWeight: 600 }} data-testid="plan-comes-up">
            Seedlings expected from {shortDay(plan.comesUp.from, today)} to {shortDay(plan.comesUp.to, today)}
            .
          </Typography>
        )}
        {plan.comesUp?.byWarmth && (
          <Typography variant="body2" data-testid="plan-by-warmth">
            {plan.comesUp.byWarmth}
          </Typography>
        )}
        {plan.looks.length > 0 && (
          <Typography variant="body2" data-testid="plan-looks">
            Checks: {plan.looks.map((day) => shortDay(day, today)).join(", ")}.
          </Typography>
        )}
        <PlanSteps plan={plan} chosen={chosen ?? null} today={today} />
      </Card>
    </Box>
  );
}

function Answer({
  name,
  value,
  children,
  id,
}: {
  name: string;
  value: string;
  children: React.ReactNode;
  id: string;
}) {
  return (
    <Box>
      <Typography variant="body2">{name}</Typography>
      <Typography
        component="p"
        sx={{ fontFamily: SERIF, fontWeight: 600, fontSize: "1.55rem", lineHeight: 1.15 }}
        data-testid={id}
      >
        {value}
      </Typography>
      <Typography variant="body2">{children}</Typography>
    </Box>
  );
}

const CHOICE_WORDS: Record<PlanChoice, string> = {
  usual: "Create batch",
  shorten: "Create batch, shortened",
  skipOptional: "Create batch without the optional step",
  moveTarget: "Create batch with the later date",
  nextSeason: "Create batch for next season",
};

function Confirm({
  plan,
  request,
  choice,
  stale,
  changing,
}: {
  plan: PlanView;
  request: PlanRequest;
  choice: PlanChoice;
  stale: boolean;
  changing: PlanAnswerProps["changing"];
}) {
  const who = useWho();
  const may = useMay("grower");
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [seeds, setSeeds] = useState<number | null>(
    changing?.seeds ?? Math.max(1, Math.min(plan.seeds.seeds ?? plan.seedsLeft, plan.seedsLeft)),
  );
  const [error, setError] = useState<unknown>(null);
  // one id a page, so that a doubled press makes one batch
  const [id] = useState(() => newId());
  const [secondId] = useState(() => newId());
  // what a batch took of its lot is free for it when it is planned anew
  const most = plan.seedsLeft + (changing?.seeds ?? 0);
  if (plan.seedToFind || most === 0) return null;
  if (!may)
    return (
      <Typography sx={{ mt: 1.5, fontWeight: 600 }} data-testid="for-grower">
        Only growers and the owner can create batches.
      </Typography>
    );
  const confirm = async () => {
    setError(null);
    try {
      const body = { id, plan: request, choice, seeds, who, secondId: request.second ? secondId : null };
      const made = await answered(
        changing
          ? api.PUT("/api/batches/{id}/plan", { params: { path: { id: changing.id } }, body })
          : api.POST("/api/batches", { body }),
      );
      await queries.invalidateQueries();
      await navigate(made.second ? "/batches" : `/batches/${made.id}`);
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Box sx={{ mt: 1.5 }}>
      <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "flex-start" }}>
        <Box sx={{ width: 170 }}>
          <NumberField
            label="Seeds for the batch"
            name="seeds"
            value={seeds}
            onChange={setSeeds}
            min={1}
            max={most}
            helper={`of ${most} left`}
          />
        </Box>
        <Button
          variant="contained"
          disabled={seeds === null || stale}
          onClick={() => void confirm()}
          sx={{ minHeight: 56 }}
          data-testid="confirm-plan"
        >
          {changing
            ? `Change B-${changing.number}`
            : request.second
              ? CHOICE_WORDS[choice].replace("Create batch", "Create two batches")
              : CHOICE_WORDS[choice]}
        </Button>
      </Box>
      <Failure error={error} />
    </Box>
  );
}
