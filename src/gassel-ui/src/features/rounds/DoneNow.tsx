import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../../look/DeviceContext";
import { useRecent, useRecord } from "../../record/RecordProvider";
import { several } from "../../shared/numbers";

/** What was recorded since this page was opened, folded away, each with its way back. */
export function DoneNow() {
  const { palette } = useDevice();
  const { takeBackAct } = useRecord();
  const recent = useRecent();
  const [open, setOpen] = useState(false);
  const [last] = recent;
  if (!last) return null;
  return (
    <Box data-testid="done-now" sx={{ my: 1 }}>
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", gap: 1 }}>
        <Typography>{several(recent.length, "thing")} recorded just now</Typography>
        <Button onClick={() => void takeBackAct(last)}>Undo the last</Button>
        {recent.length > 1 && (
          <Button aria-expanded={open} onClick={() => setOpen(!open)}>
            {open ? "Hide them" : "Show them"}
          </Button>
        )}
      </Box>
      {open && recent.length > 1 && (
        <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {recent.map((act) => (
            <Box
              component="li"
              key={act.act}
              sx={{ display: "flex", alignItems: "center", gap: 1, borderTop: `1px solid ${palette.line}` }}
            >
              <Typography sx={{ flex: 1 }}>{act.told}</Typography>
              <Button aria-label={`Undo: ${act.told}`} onClick={() => void takeBackAct(act)}>
                Undo
              </Button>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
