import { Box, Typography } from "@mui/material";
import type { LotOutlook, LotView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { percent } from "../../shared/numbers";
import { Why } from "../../shared/Why";

const BASIS: Record<LotOutlook["basis"], string> = {
  test: "by a test",
  expected: "as you expect",
  rule: "by the rule",
  ownBatches: "by own batches",
  evidence: "by batches of other nurseries",
};

/** What a lot lets one expect by its first route, and what to know before planning with it. */
export function LotPromise({ lot }: { lot: LotView }) {
  const outlook = lot.outlooks[0];
  if (!outlook) return null;
  return (
    <Box>
      <Typography>
        <strong>{percent(outlook.rate)}</strong> to come up by “{outlook.routeName}”, {BASIS[outlook.basis]};{" "}
        {percent(outlook.alive)} alive at {lot.ageYears.toFixed(1)} years
      </Typography>
      {lot.provenance && <Typography data-testid={`provenance-${lot.id}`}>{lot.provenance.words}</Typography>}
      <Warnings warnings={outlook.warnings} />
      <Box sx={{ ml: -1 }}>
        <Why
          lines={lot.provenance ? [...outlook.working, lot.provenance.why] : outlook.working}
          about={`the germination of lot ${lot.id}`}
          words={`why ${percent(outlook.rate)}`}
        />
      </Box>
    </Box>
  );
}

/** The warnings of a lot, marked. */
export function Warnings({ warnings }: { warnings: LotOutlook["warnings"] }) {
  return warnings.map((warning) => (
    <Typography
      key={warning.words}
      variant="body2"
      data-testid={`warning-${warning.kind}`}
      sx={{ display: "flex", gap: 0.75 }}
    >
      <AlarmMark /> <span>{warning.words}</span>
    </Typography>
  ));
}
