import { Dialog, DialogContent } from "@mui/material";
import { useNavigate } from "react-router";
import { Scan } from "./Scan";

/** The camera alone, where one stands before a card or a label. */
export function ScanDialog({ close }: { close: () => void }) {
  const navigate = useNavigate();
  return (
    <Dialog
      open
      onClose={close}
      fullWidth
      maxWidth="sm"
      slotProps={{ paper: { "aria-label": "scan", "aria-labelledby": undefined } }}
    >
      <DialogContent sx={{ p: { xs: 1.5, md: 2 } }}>
        <Scan
          go={(path) => {
            close();
            void navigate(path);
          }}
          back={close}
          backWords="Close"
        />
      </DialogContent>
    </Dialog>
  );
}
