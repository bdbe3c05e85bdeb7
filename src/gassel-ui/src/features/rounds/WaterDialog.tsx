import { useState } from "react";
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { WORDS } from "../../api/words";
import type { WaterNeed } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { LookFields } from "./LookFields";
import { needKey, usualLook } from "./water";
import type { Look } from "./water";

interface WaterDialogProps {
  name: string;
  needs: WaterNeed[];
  send: (look: (need: WaterNeed) => Look) => void;
  close: () => void;
}

/** Vessel by vessel: how its surface was found, and what it got. */
export function WaterDialog({ name, needs, send, close }: WaterDialogProps) {
  const { palette } = useDevice();
  const [found, setFound] = useState<ReadonlyMap<string, Look>>(new Map());
  const lookOf = (need: WaterNeed): Look => found.get(needKey(need)) ?? usualLook("moist");
  const set = (need: WaterNeed, look: Look) => setFound(new Map(found).set(needKey(need), look));
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="water-title">
      <DialogTitle id="water-title">{name}: how was the surface?</DialogTitle>
      <DialogContent>
        {needs.map((need) => {
          const look = lookOf(need);
          return (
            <Box
              key={needKey(need)}
              data-testid={`look-${need.number}-${need.part}`}
              sx={{ py: 1, borderTop: `1px solid ${palette.line}`, display: "grid", gap: 1 }}
            >
              <Typography>
                <strong>
                  B-{need.number}
                  {need.part === "1" ? "" : ` · ${need.part}`}
                </strong>
                {need.label ? ` ${need.label}` : ""}
                {need.regime ? `, ${WORDS.WaterRegime[need.regime]}` : ""}
              </Typography>
              <LookFields
                of={`B-${need.number} ${need.part}`}
                name={`given-${need.number}-${need.part}`}
                look={look}
                change={(next) => set(need, next)}
              />
              {look.given === "fromBelow" && (need.drinks !== null || need.rainWater) && (
                <Typography variant="body2">
                  {[need.drinks, need.rainWater ? "rain water" : null].filter(Boolean).join(", ")}
                </Typography>
              )}
            </Box>
          );
        })}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" onClick={() => send(lookOf)}>
          Record
        </Button>
      </DialogActions>
    </Dialog>
  );
}
