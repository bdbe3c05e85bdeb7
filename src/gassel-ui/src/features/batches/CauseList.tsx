import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useCauses } from "../../book/queries";
import type { CauseFinding } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Failure } from "../../shared/Failure";

const STANDING: Record<NonNullable<CauseFinding["likelihood"]>, string> = {
  likely: "signs of it",
  possible: "some signs",
  cannotTell: "the record does not say",
  unlikely: "no sign",
};

const OF_TEN =
  "Of ten made-up seasons with a record like this one, the cause was at work in so many; " +
  "each fault was made as frequent as any other.";

/** Why few came up, by the record: each cause with what speaks for it and against it, and what to look at next. */
export function CauseList({ batch, part }: { batch: string; part: string }) {
  const { palette } = useDevice();
  const [open, setOpen] = useState(false);
  const causes = useCauses(batch, part, open);
  return (
    <Box sx={{ width: open ? "100%" : "auto", order: open ? 8 : 0 }}>
      <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? "Hide diagnosis" : "Why so few?"}
      </Button>
      {open && <Failure error={causes.error} />}
      {open && causes.data && (
        <Box data-testid="causes">
          <Typography sx={{ fontWeight: 600, my: 0.5 }} data-testid="verdict">
            {causes.data.verdict}
          </Typography>
          {causes.data.causes.map((finding) => (
            <Box
              key={finding.cause}
              data-testid={`cause-${finding.cause}`}
              sx={{
                display: "grid",
                gridTemplateColumns: { xs: "1fr", sm: "180px 1fr" },
                columnGap: 2,
                py: 0.75,
                borderTop: `1px solid ${palette.line}`,
              }}
            >
              <Box>
                <Typography variant="h3" component="h3">
                  {finding.name}
                </Typography>
                <Typography variant="body2" sx={{ fontWeight: finding.isNamed ? 700 : 400 }}>
                  {finding.odds ? `${finding.odds}, ` : ""}
                  {STANDING[finding.likelihood ?? "cannotTell"]}
                </Typography>
              </Box>
              <Box>
                {finding.for.map((line) => (
                  <Typography key={line}>
                    <b>for:</b> {line}
                  </Typography>
                ))}
                {finding.against.map((line) => (
                  <Typography key={line}>
                    <b>against:</b> {line}
                  </Typography>
                ))}
                <Typography variant="body2" color="text.secondary">
                  Check next: {finding.lookNext}
                </Typography>
              </Box>
            </Box>
          ))}
          <Typography variant="body2" color="text.secondary">
            {causes.data.isLow && `${OF_TEN} `}
            Worked out by rules from your records; their limits are our assumption. They cannot know what was
            not recorded.
          </Typography>
        </Box>
      )}
    </Box>
  );
}
