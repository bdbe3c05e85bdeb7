import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { WORDS } from "../../api/words";
import { useWinter } from "../../book/queries";
import type { BatchView, EntryPayload, PartView, WinterView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { useDoneOn } from "../../record/DoneOn";
import { useRecord } from "../../record/RecordProvider";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { ForRole } from "../../people/ForRole";
import { Why } from "../../shared/Why";
import { capital } from "../../shared/words";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";

interface WinterCardProps {
  batch: BatchView;
  parts: PartView[];
  today: Day;
}

/** The ways through the winter for what grows in vessels, each with its days and its room; one touch takes one. */
export function WinterCard({ batch, parts, today }: WinterCardProps) {
  const answer = useWinter(batch.summary.id).data;
  const ways = answer?.parts ?? [];
  const unknown = answer?.unknown ?? null;
  if (ways.length === 0 && unknown === null) return null;
  return (
    <Card label="through the winter">
      <Typography variant="h2" sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        {ways.some((w) => w.ways.isLate) && <AlarmMark />} <span>Through the winter</span>
      </Typography>
      {unknown !== null && (
        <Typography>
          {unknown}{" "}
          <Link to="/site" style={{ color: "inherit" }}>
            Site
          </Link>
        </Typography>
      )}
      {ways.map((winter) => (
        <Ways
          key={winter.ways.part}
          batch={batch}
          winter={winter}
          part={parts.find((p) => p.state.id === winter.ways.part)}
          alone={ways.length === 1}
          today={today}
        />
      ))}
    </Card>
  );
}

interface WaysProps {
  batch: BatchView;
  winter: WinterView;
  part: PartView | undefined;
  alone: boolean;
  today: Day;
}

function Ways({ batch, winter, part, alone, today }: WaysProps) {
  const { palette } = useDevice();
  const { record } = useRecord();
  const { doneOn } = useDoneOn();
  const { ways, choices } = winter;
  const { number, id } = batch.summary;
  const chosen = part?.state.winter ?? null;
  const send = (payloads: EntryPayload[], told: string) =>
    void record(id, payloads, doneOn, `B-${number}: ${told}`);
  return (
    <Box data-testid={`winter-${ways.part}`}>
      <Typography>
        {!alone && <strong>Part {ways.part}: </strong>}
        {chosen
          ? `${capital(WORDS.WinterWay[chosen.way])} until ${actDay(chosen.until, today)}.`
          : `${ways.isLate ? "Planted now they root too late. " : ""}The first frost ` +
            `${ways.firstFrost < today ? "came" : "comes"} about ${actDay(ways.firstFrost, today)}.`}
      </Typography>
      {choices.map(({ option, place, room }) => (
        <Box
          key={option.way}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            alignItems: "center",
            gap: 1,
            borderTop: `1px solid ${palette.line}`,
            py: 0.75,
          }}
        >
          <Box sx={{ flex: "1 1 16em" }}>
            <Typography>{option.words}</Typography>
            {room !== null && <Typography variant="body2">{room}</Typography>}
          </Box>
          {chosen?.way !== option.way && (
            <ForRole role="volunteer">
              <Button
                variant="outlined"
                aria-label={`choose: ${WORDS.WinterWay[option.way]}, part ${ways.part}`}
                onClick={() =>
                  send(
                    [
                      { kind: "winterChosen", part: ways.part, way: option.way, until: option.to },
                      ...(place !== null && place !== part?.state.place
                        ? [{ kind: "moved" as const, part: ways.part, place, some: null }]
                        : []),
                    ],
                    `through the winter ${WORDS.WinterWay[option.way]}`,
                  )
                }
              >
                Choose
              </Button>
            </ForRole>
          )}
        </Box>
      ))}
      {chosen && (
        <ForRole role="volunteer">
          <Button onClick={() => send([{ kind: "winterEnded", part: ways.part }], "winter is over")}>
            Winter is over
          </Button>
        </ForRole>
      )}
      <Why lines={ways.working} about={`winter, part ${ways.part}`} />
    </Box>
  );
}
