import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useSite } from "../book/queries";
import type { Caution } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { CautionMark } from "./CautionMark";
import { markRead, useAreRead } from "./cautionsRead";
import { several } from "./numbers";

interface CautionsProps {
  cautions: Caution[];
  /** True where they stand again and again: once read, they are folded away until the next day. */
  folds?: boolean;
  /** True where a line just above has all of them already. */
  saidAbove?: boolean;
}

/** The cautions of a step where the hand is about to do it: the first in full, the others behind one gesture. */
export function Cautions({ cautions, folds = false, saidAbove = false }: CautionsProps) {
  const [all, setAll] = useState(false);
  const { palette } = useDevice();
  const today = useSite().data?.today ?? "";
  // the same topic may say more of another kind
  const texts = cautions.map((caution) => caution.text);
  const wasRead = useAreRead(today, texts);
  const isFolded = folds && (wasRead || saidAbove);
  if (cautions.length === 0) return null;
  const shown = all ? cautions : isFolded ? [] : cautions.slice(0, 1);
  const more = cautions.length - shown.length;
  return (
    <Box
      data-folded={shown.length === 0}
      sx={{
        borderLeft: shown.length === 0 ? "none" : `4px solid ${palette.ochre}`,
        pl: shown.length === 0 ? 0 : 1.25,
        py: 0.25,
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        "& .MuiButton-root": { px: 1, minHeight: 48 },
      }}
    >
      {shown.map((caution) => (
        <Typography
          key={caution.topic}
          data-testid={`caution-${caution.topic}`}
          variant="body2"
          sx={{ display: "flex", gap: 0.75, mb: 0.25, flex: "1 1 26em" }}
        >
          <CautionMark /> <span>{caution.text}</span>
        </Typography>
      ))}
      {(more > 0 || all) && (
        <Button
          size="small"
          onClick={() => setAll(!all)}
          startIcon={shown.length === 0 ? <CautionMark /> : null}
        >
          {all
            ? "Fewer cautions"
            : shown.length === 0
              ? several(more, "caution")
              : `${several(more, "more caution")}`}
        </Button>
      )}
      {folds && !isFolded && (all || more === 0) && (
        <Button
          size="small"
          onClick={() => {
            markRead(today, texts);
            setAll(false);
          }}
        >
          Read; fold for today
        </Button>
      )}
    </Box>
  );
}
