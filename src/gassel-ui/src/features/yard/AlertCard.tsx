import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { YardAlert } from "../../api/types";
import { WORDS } from "../../api/words";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { several } from "../../shared/numbers";
import { unbroken } from "../../shared/units";
import { useUntouched } from "../../shared/useNarrow";
import { useTend } from "./useTend";
import { keyOf, reasonsOf } from "./yardWords";

/** Warnings that are a matter of hours carry the flag. */
const PRESSING: YardAlert["kind"][] = [
  "freezeComing",
  "cookRisk",
  "openCaps",
  "countSurvivors",
  "flooded",
  "capTonight",
];

const SHOWN = 2;

interface AlertCardProps {
  alert: YardAlert;
  /** Shows on the drawing which are meant; null for all. */
  onPoint?: (containers: string[] | null) => void;
}

/** A warning with its reason and the containers it touches; acting on it is one tap for all that are chosen. */
export function AlertCard({ alert, onPoint }: AlertCardProps) {
  const { palette: p } = useDevice();
  const tend = useTend();
  const isUntouched = useUntouched();
  // one button has room beside the title; several stand below what is said
  const isBeside = isUntouched && alert.actions.length === 1 && alert.containers.length === 1;
  const [left, setLeft] = useState<string[]>([]);
  const [all, setAll] = useState(false);
  const reasons = reasonsOf(alert);
  const chosen = alert.containers.filter((c) => !left.includes(keyOf(c)));
  const toggle = (key: string) =>
    setLeft((before) => (before.includes(key) ? before.filter((k) => k !== key) : [...before, key]));
  const choosable = alert.actions.length > 0 && alert.containers.length > 1;
  const acts = (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: isBeside ? 0 : 0.5, alignItems: "center" }}>
      {alert.actions.map((action, i) => (
        <Button
          key={action.what}
          variant={i === 0 ? "contained" : "outlined"}
          disabled={chosen.length === 0}
          onClick={() =>
            void tend(
              chosen,
              action.what,
              `${several(chosen.length, "container")}: ${WORDS.Tending[action.what]}`,
            )
          }
        >
          {action.words}
          {chosen.length > 1 ? ` all ${chosen.length}` : ""}
        </Button>
      ))}
      {alert.kind === "countSurvivors" && (
        <Button
          component={Link}
          to={`/yard/${alert.containers[0]?.batchId}/${alert.containers[0]?.part}`}
          variant="contained"
        >
          Count survivors
        </Button>
      )}
      {choosable && (
        <Button size="small" onClick={() => setAll(!all)} sx={{ px: 1 }}>
          {all ? "Close" : "Not all of them"}
        </Button>
      )}
    </Box>
  );
  return (
    <Box
      data-testid={`alert-${alert.kind}`}
      onMouseEnter={() => onPoint?.(alert.containers.map(keyOf))}
      onMouseLeave={() => onPoint?.(null)}
      sx={{
        borderTop: `1px solid ${p.line}`,
        py: isUntouched ? 0.5 : 1,
        "&:first-of-type": { borderTop: "none", pt: 0 },
      }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", columnGap: 1 }}>
        <Typography
          variant="h3"
          component="h2"
          sx={{ display: "flex", gap: 0.75, lineHeight: 1.25, flex: "1 1 16em" }}
        >
          {PRESSING.includes(alert.kind) && <AlarmMark small />}
          <span>{alert.title}</span>
        </Typography>
        {isBeside && acts}
      </Box>
      {(all ? reasons : reasons.slice(0, SHOWN)).map(({ reason, labels }) => (
        <Typography key={reason} sx={{ fontSize: "0.95rem", lineHeight: 1.35 }}>
          {reasons.length > 1 && <b>{labels.join(", ")}: </b>}
          {unbroken(reason)}
        </Typography>
      ))}
      {alert.kind === "openByDegrees" && (
        <Link to="/workbench/hardening?kind=winterSown&days=7" style={{ color: "inherit" }}>
          the week, day by day
        </Link>
      )}
      {reasons.length > SHOWN && (
        <Button size="small" onClick={() => setAll(!all)} sx={{ px: 1, textDecoration: "underline" }}>
          {all ? "Fewer" : `${several(reasons.length - SHOWN, "more reason")}`}
        </Button>
      )}
      {choosable && all && (
        <Box
          sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, my: 0.5 }}
          role="group"
          aria-label="containers meant"
        >
          {alert.containers.map((c) => (
            <Button
              key={keyOf(c)}
              size="small"
              variant={left.includes(keyOf(c)) ? "outlined" : "contained"}
              color={left.includes(keyOf(c)) ? "inherit" : "primary"}
              aria-pressed={!left.includes(keyOf(c))}
              onClick={() => toggle(keyOf(c))}
              sx={{ px: 1.25 }}
            >
              {c.label}
            </Button>
          ))}
        </Box>
      )}
      {!isBeside && acts}
    </Box>
  );
}
