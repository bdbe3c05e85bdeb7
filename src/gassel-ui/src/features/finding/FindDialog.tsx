import { lazy, Suspense, useState } from "react";
import { Box, Button, Dialog, DialogContent, TextField, Typography } from "@mui/material";
import { useNavigate } from "react-router";
import { WORDS } from "../../api/words";
import { useSite } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { Failure } from "../../shared/Failure";
import { capital } from "../../shared/words";
import { shortDay } from "../../time/days";
import type { Found } from "./findIndex";
import { useFinder } from "./useFinder";

const Scan = lazy(() => import("./Scan").then((m) => ({ default: m.Scan })));

interface FindDialogProps {
  /** Of the program; they are found by name too. */
  views: Found[];
  close: () => void;
}

/** One field for all that the book has; the arrows choose, Enter opens. */
export function FindDialog({ views, close }: FindDialogProps) {
  const { find, error, isReady } = useFinder(views);
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const [scans, setScans] = useState(false);
  const navigate = useNavigate();
  const today = useSite().data?.today;
  const { palette } = useDevice();
  const found = find(text);
  const chosen = Math.min(at, Math.max(0, found.length - 1));
  const go = (path: string) => {
    close();
    void navigate(path);
  };
  const open = (one: Found | undefined) => one && go(one.path);
  return (
    <Dialog
      open
      onClose={close}
      fullWidth
      maxWidth="sm"
      slotProps={{ paper: { "aria-label": "find", "aria-labelledby": undefined } }}
      sx={{ "& .MuiDialog-container": { alignItems: "flex-start" } }}
    >
      {scans ? (
        <DialogContent sx={{ p: { xs: 1.5, md: 2 } }}>
          <Suspense fallback={null}>
            <Scan go={go} back={() => setScans(false)} />
          </Suspense>
        </DialogContent>
      ) : (
        <DialogContent sx={{ p: { xs: 1.5, md: 2 } }}>
          <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
            <TextField
              fullWidth
              autoFocus
              label="Find"
              name="find-all"
              value={text}
              placeholder="a number, a name, a place, a word of a note"
              onChange={(event) => {
                setText(event.target.value);
                setAt(0);
              }}
              onKeyDown={(event) => {
                if (event.key === "ArrowDown" || event.key === "ArrowUp") {
                  event.preventDefault();
                  setAt(
                    Math.min(Math.max(chosen + (event.key === "ArrowDown" ? 1 : -1), 0), found.length - 1),
                  );
                }
                if (event.key === "Enter") {
                  // else the key goes on to the button that opened this and now has the focus again
                  event.preventDefault();
                  open(found[chosen]);
                }
              }}
              slotProps={{ htmlInput: { autoComplete: "off", "aria-controls": "found" } }}
            />
            <Button variant="outlined" sx={{ minHeight: 48, flex: "none" }} onClick={() => setScans(true)}>
              Scan a label
            </Button>
          </Box>
          <Failure error={error} />
          <Typography variant="body2" sx={{ mt: 1, color: palette.ink2 }} role="status">
            {!isReady
              ? ""
              : text.trim() === ""
                ? "Batches, the newest first"
                : found.length === 0
                  ? "Nothing of that name. Try fewer letters, or a number."
                  : `${found.length} found`}
          </Typography>
          <Box id="found" component="ul" sx={{ m: 0, p: 0 }}>
            {found.map((one, i) => (
              <Box
                key={one.id}
                component="li"
                sx={{ listStyle: "none", borderTop: `1px solid ${palette.line}` }}
              >
                <Box
                  component="button"
                  type="button"
                  data-testid={`found-${i}`}
                  aria-current={i === chosen}
                  onClick={() => open(one)}
                  sx={{
                    all: "unset",
                    boxSizing: "border-box",
                    width: "100%",
                    minHeight: 48,
                    px: 1,
                    py: 0.5,
                    cursor: "pointer",
                    display: "block",
                    borderLeft: `4px solid ${i === chosen ? palette.ochre : "transparent"}`,
                    bgcolor: i === chosen ? palette.paper : "transparent",
                    "&:focus-visible": { outline: `3px solid ${palette.slate}` },
                  }}
                >
                  <Typography component="span" sx={{ fontWeight: 600, display: "block" }}>
                    {one.title}
                  </Typography>
                  <Typography component="span" variant="body2" sx={{ color: palette.ink2 }}>
                    {[
                      one.kind === "view" || one.kind === "command"
                        ? ""
                        : capital(WORDS.FindableKind[one.kind]),
                      one.more,
                      one.on && today ? shortDay(one.on, today) : "",
                    ]
                      .filter(Boolean)
                      .join(", ")}
                  </Typography>
                </Box>
              </Box>
            ))}
          </Box>
        </DialogContent>
      )}
    </Dialog>
  );
}
