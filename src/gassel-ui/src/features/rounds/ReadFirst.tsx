import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from "@mui/material";
import type { Caution } from "../../api/types";
import { Cautions } from "../../shared/Cautions";

interface ReadFirstProps {
  name: string;
  cautions: Caution[];
  goOn: () => void;
  close: () => void;
}

/** Once a batch of toxic seed: the caution before the hand goes on. That it was read is recorded. */
export function ReadFirst({ name, cautions, goOn, close }: ReadFirstProps) {
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="read-title">
      <DialogTitle id="read-title">{name}: read this first</DialogTitle>
      <DialogContent>
        <Cautions cautions={cautions} />
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" onClick={goOn}>
          Read, and done so
        </Button>
      </DialogActions>
    </Dialog>
  );
}
