import { useState } from "react";
import { Box, ButtonBase, Typography } from "@mui/material";
import type { PlaceTrouble } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { TroubleList } from "../temperature/TroubleList";

/** In the hand: what is the matter with the place, a line each; since when and what to do behind a touch. */
export function TroubleLines({ troubles }: { troubles: PlaceTrouble[] }) {
  const { palette } = useDevice();
  const [open, setOpen] = useState(false);
  const now = troubles.filter((trouble) => trouble.isPresent);
  if (open || now.length === 0) return <TroubleList troubles={troubles} />;
  return (
    <Box role="alert" data-testid="troubles">
      <ButtonBase
        aria-expanded={false}
        onClick={() => setOpen(true)}
        sx={{
          width: "100%",
          minHeight: 48,
          justifyContent: "flex-start",
          textAlign: "left",
          borderLeft: `5px solid ${palette.alarm}`,
          pl: 1,
          gap: 0.75,
        }}
      >
        <AlarmMark />
        <Typography component="span" sx={{ fontWeight: 600, lineHeight: 1.2 }}>
          {now.map((trouble) => trouble.title).join("; ")}
        </Typography>
      </ButtonBase>
    </Box>
  );
}
