import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, Checkbox, Link as Anchor, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import { useLabels, usePlaces, useSite } from "../../book/queries";
import type { LabelContent, LabelPaper, LabelsView, Printed } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { useWho } from "../../people/usePerson";
import { newId } from "../../record/newId";
import { Card } from "../../shared/Card";
import { ChoiceField } from "../../shared/ChoiceField";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { several } from "../../shared/numbers";
import { readRanges } from "../../shared/ranges";
import { useUnits } from "../../shared/units";
import { said } from "../../shared/words";
import { nowText, shortDay } from "../../time/days";
import { LabelPreview } from "./LabelPreview";
import { CONTENTS, partKey, wanted } from "./labelWords";
import type { LabelsAsked } from "./labelWords";

/** Labels for bags, trays and containers: which, on what paper, and what lasts outdoors. */
export function Labels() {
  const labels = useLabels();
  const [address] = useSearchParams();
  const asked = { batch: address.get("batch"), numbers: new Set(readRanges(address.get("batches") ?? "")) };
  if (labels.error) return <Failure error={labels.error} />;
  if (!labels.data) return <Loading what="the labels" />;
  if (labels.data.parts.length === 0)
    return (
      <EmptyNote title="Nothing to label yet">
        Every bag, tray and container of a batch gets one label inside and one outside. Plan a batch first.
      </EmptyNote>
    );
  return <LabelsOf key={address.toString()} view={labels.data} asked={asked} />;
}

function LabelsOf({ view, asked }: { view: LabelsView; asked: LabelsAsked }) {
  const { palette } = useDevice();
  const who = useWho();
  const queries = useQueryClient();
  const today = useSite().data?.today;
  const places = usePlaces().data ?? [];
  const [ticked, setTicked] = useState(() => wanted(view.parts, asked));
  const units = useUnits();
  const [paper, setPaper] = useState<LabelPaper>(units === "unitedStates" ? "letterBy30" : "a4By24");
  const [content, setContent] = useState<LabelContent>("both");
  const [first, setFirst] = useState<number | null>(1);
  const [printed, setPrinted] = useState<Printed | null>(null);
  const [error, setError] = useState<unknown>(null);
  const sheet = view.papers.find((p) => p.paper === paper);
  const fits = sheet?.outsideFits ? content : "inside";
  const chosen = view.parts.filter((part) => ticked.includes(partKey(part)));
  const shown = chosen[0] ?? view.parts[0];
  const count = chosen.length * (fits === "both" ? 2 : 1);
  const print = async () => {
    setError(null);
    try {
      const answer = await answered(
        api.POST("/api/labels", {
          body: {
            act: newId(),
            who,
            recordedAt: nowText(),
            paper,
            content: fits,
            first: first ?? 1,
            parts: chosen.map((part) => ({ batch: part.batch, part: part.part, entry: newId() })),
          },
        }),
      );
      setPrinted(answer);
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1.1fr) minmax(0,1fr)" },
        alignItems: "start",
      }}
    >
      <Card label="labels">
        <Box sx={{ display: "flex", alignItems: "baseline", gap: 1.5, flexWrap: "wrap", mb: 1 }}>
          <Typography variant="h1">Labels</Typography>
          <Typography color="text.secondary">ticked: not printed yet for this step</Typography>
          <Box sx={{ ml: "auto" }}>
            <Button onClick={() => setTicked(view.parts.map(partKey))}>All</Button>
            <Button onClick={() => setTicked([])}>None</Button>
          </Box>
        </Box>
        <Box sx={{ maxHeight: { md: 560 }, overflowY: "auto" }} tabIndex={0} role="region" aria-label="parts">
          {view.parts.map((part) => (
            <Box
              key={partKey(part)}
              component="label"
              data-testid={`part-${part.number}-${part.part}`}
              sx={{
                display: "flex",
                alignItems: "center",
                borderTop: `1px solid ${palette.line}`,
                minHeight: 48,
                cursor: "pointer",
              }}
            >
              <Checkbox
                checked={ticked.includes(partKey(part))}
                onChange={(event) =>
                  setTicked((before) =>
                    event.target.checked
                      ? [...before, partKey(part)]
                      : before.filter((key) => key !== partKey(part)),
                  )
                }
                sx={{ width: 48, height: 48 }}
              />
              <Box sx={{ lineHeight: 1.25, py: 0.5 }}>
                <b>
                  {part.label.code} {part.label.commonName}
                </b>
                {part.label.hazard && <b>, {part.label.hazard}</b>}
                <Typography variant="body2" color="text.secondary">
                  {part.label.vessel ? `${part.label.vessel}, ` : ""}
                  {part.label.step}
                  {places.find((p) => p.id === part.placeId) &&
                    `, ${places.find((p) => p.id === part.placeId)?.inSentence}`}
                  ; {part.label.due}
                  {part.label.printed &&
                    `; printed ${shortDay(part.label.printed, today)}${part.label.stale ? ", of an earlier step" : ""}`}
                </Typography>
              </Box>
            </Box>
          ))}
        </Box>
      </Card>
      <Box sx={{ display: "grid", gap: 2 }}>
        <Card label="print">
          <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1.6fr 1fr" } }}>
            <ChoiceField
              label="Paper"
              name="paper"
              value={paper}
              onChange={setPaper}
              choices={view.papers.map((p) => [p.paper, said(WORDS.LabelPaper[p.paper], units)] as const)}
              helper="sizes from memory: try one sheet of plain paper first"
            />
            <ChoiceField
              label="Which"
              name="content"
              value={fits}
              onChange={setContent}
              choices={sheet?.outsideFits ? CONTENTS : CONTENTS.filter(([c]) => c === "inside")}
            />
            {paper !== "roll62" && (
              <NumberField
                label="Begin at label"
                name="first"
                value={first}
                onChange={setFirst}
                min={1}
                max={sheet?.perSheet ?? 1}
                helper="if part of the sheet is used"
              />
            )}
          </Box>
          <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap", mt: 1.5 }}>
            <Button
              variant="contained"
              disabled={chosen.length === 0 || first === null}
              onClick={() => void print()}
            >
              Print {several(count, "label")}
            </Button>
            {printed && (
              <Typography role="status">
                {several(printed.labels, "label")} on {several(printed.pages, "page")}, noted with each batch:{" "}
                <Anchor href={printed.file} target="_blank" rel="noreferrer" data-testid="printed">
                  open the PDF
                </Anchor>
                {printed.missing.length > 0 &&
                  ` The labels’ font lacks ${printed.missing.join(" ")}; a box is printed instead.`}
              </Typography>
            )}
          </Box>
          <Failure error={error} />
          <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
            The printer here is simulated: it writes a PDF, to be printed at full size, not fitted to the
            page. The codes lead to {view.address}
            {view.onNetwork
              ? "."
              : ", which only this computer can open. To scan them with a phone, open the book to the network on Site first."}
          </Typography>
        </Card>
        {shown && (
          <Card label="as printed">
            <Box sx={{ display: "flex", gap: 2, flexWrap: "wrap", alignItems: "flex-start" }}>
              {fits !== "inside" && <LabelPreview label={shown.label} small={false} />}
              {fits !== "outside" && <LabelPreview label={shown.label} small />}
            </Box>
          </Card>
        )}
        <Card label="what lasts">
          <Typography variant="h2">What lasts</Typography>
          <Typography component="ul" sx={{ m: 0, pl: 2.5 }}>
            <li>
              <b>Outdoors over a winter</b>: pencil on plastic or wood, a paint pen, or a resin ribbon. Write
              the short code, {shown?.label.code ?? "B-12"}, on the label inside as well.
            </li>
            <li>
              <b>Thermal paper</b> from a roll fades in light and warmth within a season: for the fridge and
              the shelf.
            </li>
            <li>
              <b>Ink-jet</b> runs when wet; laser print lasts under tape. Felt pens called permanent fade in
              the sun.
            </li>
            <li>One inside, one outside: birds, mice and frost take the outer one first.</li>
          </Typography>
          <Typography variant="body2" color="text.secondary">
            Common practice, no source.
          </Typography>
        </Card>
      </Box>
    </Box>
  );
}
