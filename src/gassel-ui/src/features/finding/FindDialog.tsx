import { useState } from "react";
import { Box, Dialog, DialogContent, TextField, Typography } from "@mui/material";
import { useNavigate } from "react-router";
import { WORDS } from "../../api/words";
import { useSite } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { Failure } from "../../shared/Failure";
import { capital } from "../../shared/words";
import { shortDay } from "../../time/days";
import type { Found } from "./findIndex";
import { useFinder } from "./useFinder";

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
  const navigate = useNavigate();
  const today = useSite().data?.today;
  const { palette } = useDevice();
  const found = find(text);
  const chosen = Math.min(at, Math.max(0, found.length - 1));
  const open = (one: Found | undefined) => {
    if (!one) return;
    close();
    void navigate(one.path);
  };
  return (
    <Dialog
      open
      onClose={close}
      fullWidth
      maxWidth="sm"
      slotProps={{ paper: { "aria-label": "find", "aria-labelledby": undefined } }}
      sx={{ "& .MuiDialog-container": { alignItems: "flex-start" } }}
    >
      <DialogContent sx={{ p: { xs: 1.5, md: 2 } }}>
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
              setAt(Math.min(Math.max(chosen + (event.key === "ArrowDown" ? 1 : -1), 0), found.length - 1));
            }
            if (event.key === "Enter") {
              // else the key goes on to the button that opened this and now has the focus again
              event.preventDefault();
              open(found[chosen]);
            }
          }}
          slotProps={{ htmlInput: { autoComplete: "off", "aria-controls": "found" } }}
        />
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
                    one.kind === "view" ? "" : capital(WORDS.FindableKind[one.kind]),
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
    </Dialog>
  );
}
