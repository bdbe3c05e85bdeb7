import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import type { PartView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { degrees, unbroken, useUnits } from "../../shared/units";
import { useNarrow } from "../../shared/useNarrow";
import { Why } from "../../shared/Why";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";

/** Cold towards flowering, counted apart from the cold that breaks dormancy. */
export function VernalizationCard({ part, today }: { part: PartView; today: Day }) {
  const units = useUnits();
  const narrow = useNarrow();
  const v = part.vernalization;
  if (!v) return null;
  const width = narrow ? 360 : 640;
  const least = (width - 2) * (v.shortestDays / v.usualDays);
  const share = Math.min(1, v.effectiveDays / Math.max(1, v.usualDays));
  return (
    <Card label="vernalization">
      <Typography variant="h2">Cold for flowering</Typography>
      <svg
        viewBox={`0 0 ${width} 46`}
        width="100%"
        style={{ display: "block", maxWidth: 820 }}
        role="img"
        aria-label={`${v.effectiveDays.toFixed(1)} of ${v.usualDays} effective days`}
      >
        <rect
          x={1}
          y={4}
          width={width - 2}
          height={24}
          rx={4}
          fill="none"
          stroke="currentColor"
          opacity={0.4}
        />
        <rect
          x={1}
          y={4}
          width={(width - 2) * share}
          height={24}
          rx={4}
          fill="url(#texture-vernal)"
          stroke="currentColor"
        />
        <line x1={least} x2={least} y1={2} y2={32} stroke="currentColor" strokeWidth={2} />
        <text x={least - 4} y={43} fontSize={13} textAnchor="end" fill="currentColor">
          at least {v.shortestDays} days
        </text>
        <text x={width - 2} y={43} fontSize={13} textAnchor="end" fill="currentColor">
          usual {v.usualDays}
        </text>
      </svg>
      <Typography data-testid="vernalization" sx={{ display: "flex", gap: 0.75, fontWeight: 600 }}>
        {(v.frosts.length > 0 || v.undone > 0) && <AlarmMark />}
        <span>{unbroken(v.words)}</span>
      </Typography>
      {v.frosts.length > 0 && (
        <Typography variant="body2">
          Frost:{" "}
          {v.frosts
            .slice(-4)
            .map((f) => `${actDay(f.date, today)} ${degrees(Math.round(f.minC), units)}`)
            .join(", ")}
          {v.frosts.length > 4 ? ` and ${v.frosts.length - 4} more` : ""}. Check the leaves; cover them next
          time.
        </Typography>
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "baseline", columnGap: 1 }}>
        <Link to="/workbench/flowering?kind=wildRosette" style={{ color: "inherit" }}>
          plan it back from planting out
        </Link>
        <Why lines={v.working} about="cold for flowering" />
      </Box>
    </Card>
  );
}
