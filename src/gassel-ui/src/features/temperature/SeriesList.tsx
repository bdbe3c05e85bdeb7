import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import { useSite, useThermometers } from "../../book/queries";
import type { Place, ReadingSeries } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { ForRole } from "../../people/ForRole";
import { ChoiceField } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { momentWords } from "../../time/moments";
import { Sending } from "./Sending";

const PLAYS: [ReadingSeries["behaviour"], string][] = [
  ["steady", "steady"],
  ["warming", "warming up: a door ajar"],
  ["freezing", "freezing"],
  ["silent", "silent"],
  ["jumping", "jumping by 40 K"],
];

/** Thermometers and files of a place, with what may be done to each. */
export function SeriesList({ series, place }: { series: ReadingSeries[]; place: Place }) {
  const { palette } = useDevice();
  const site = useSite().data;
  const queries = useQueryClient();
  const [error, setError] = useState<unknown>(null);
  const [sending, setSending] = useState<number | null>(null);
  const thermometers = useThermometers().data;
  if (!site) return null;
  const change = async (
    id: number,
    body: { attached?: boolean; aside?: boolean; behaviour?: ReadingSeries["behaviour"] },
  ) => {
    setError(null);
    try {
      await answered(
        api.PUT("/api/reading-series/{id}", {
          params: { path: { id } },
          body: { attached: null, aside: null, behaviour: null, ...body },
        }),
      );
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Box>
      {series.length === 0 && <Typography>None yet.</Typography>}
      {series.map((s) => (
        <Box
          key={s.id}
          data-testid={`series-${s.id}`}
          sx={{
            borderTop: `1px solid ${palette.line}`,
            py: 1,
            display: "flex",
            flexWrap: "wrap",
            gap: 1,
            alignItems: "center",
          }}
        >
          <Box sx={{ flex: "1 1 16em" }}>
            <Typography variant="h3">
              {s.name}
              {s.aside && ", set aside"}
              {s.device !== null && !site.demo && ", simulated readings never count"}
              {s.source !== "file" && s.aside === false && !s.attached && ", taken off"}
            </Typography>
            <Typography variant="body2" color="text.secondary">
              {s.count.toLocaleString("en")} {s.count === 1 ? "reading" : "readings"}
              {s.from && s.to
                ? `, ${momentWords(s.from, site.timeZone, site.today)} to ${momentWords(s.to, site.timeZone, site.today)}`
                : ""}
            </Typography>
          </Box>
          <ForRole role="grower">
            {s.device !== null && s.attached && (
              <ChoiceField
                label="the simulation plays"
                name={`plays-${s.id}`}
                size="small"
                value={s.behaviour}
                onChange={(behaviour) => void change(s.id, { behaviour })}
                choices={PLAYS}
                sx={{ minWidth: 220 }}
              />
            )}
            {s.source === "sent" && s.attached && thermometers?.some((t) => t.series === s.id) && (
              <Button variant="outlined" onClick={() => setSending(sending === s.id ? null : s.id)}>
                How it sends
              </Button>
            )}
            {s.source !== "file" && (s.device === null || site.demo) && (
              <Button variant="outlined" onClick={() => void change(s.id, { attached: !s.attached })}>
                {s.attached ? "Take off" : "Attach again"}
              </Button>
            )}
            {(s.device === null || site.demo) && (
              <Button variant="outlined" onClick={() => void change(s.id, { aside: !s.aside })}>
                {s.aside ? "Use it again" : "Set aside"}
              </Button>
            )}
          </ForRole>
          {thermometers
            ?.filter((t) => t.series === s.id && sending === s.id)
            .map((t) => (
              <Sending key={t.id} thermometer={t} close={() => setSending(null)} />
            ))}
        </Box>
      ))}
      <Failure error={error} />
      <ForRole role="grower">
        <Button component={Link} to={`/site/temperature/${place.id}/import`} variant="outlined">
          Read a logger’s file
        </Button>
      </ForRole>
    </Box>
  );
}
