import type { ReactNode } from "react";
import { Box, Typography } from "@mui/material";
import type { HardeningDay } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { unbroken } from "../../shared/units";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";

interface HardeningDaysProps {
  days: HardeningDay[];
  today: Day;
  /** What stands at the end of a day's row. */
  end?: (day: HardeningDay) => ReactNode;
}

/** Hardening off day by day: how long they are out, as a bar of 24 hours, and how. */
export function HardeningDays({ days, today, end }: HardeningDaysProps) {
  const { palette } = useDevice();
  return (
    <Box sx={{ my: 1 }} data-testid="hardening-days">
      {days.map((day) => (
        <Box
          key={day.date}
          sx={{
            display: "flex",
            alignItems: "center",
            flexWrap: { xs: "wrap", md: "nowrap" },
            columnGap: 1,
            borderTop: `1px solid ${palette.line}`,
            minHeight: 44,
            bgcolor: day.date === today ? palette.paper : undefined,
          }}
        >
          <Typography sx={{ width: 104, flex: "none", fontWeight: 600 }}>
            {actDay(day.date, today)}
          </Typography>
          <Box
            aria-hidden
            sx={{
              width: { xs: 56, md: 96 },
              flex: "none",
              height: 14,
              border: `1px solid ${palette.ink2}`,
              borderRadius: 1,
              overflow: "hidden",
            }}
          >
            <Box
              sx={{
                width: `${(day.hoursOut / 24) * 100}%`,
                height: "100%",
                bgcolor: palette.wash.harden,
                borderRight: day.hoursOut > 0 ? `2px solid ${palette.ochre}` : "none",
              }}
            />
          </Box>
          <Typography
            sx={{
              flex: { xs: "1 1 100%", md: 1 },
              order: { xs: 1, md: 0 },
              pb: { xs: 0.5, md: 0 },
              fontWeight: day.date === today ? 600 : 400,
            }}
          >
            {unbroken(day.words)}
          </Typography>
          {end?.(day)}
        </Box>
      ))}
    </Box>
  );
}
