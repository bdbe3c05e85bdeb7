import { useState } from "react";
import type { ReactNode } from "react";
import { Box, ButtonBase, Typography } from "@mui/material";
import type { StepKind } from "../../api/types";
import { StepSwatch } from "../../drawings/StepSwatch";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { useUntouched, useNarrow } from "../../shared/useNarrow";

interface HandLineProps {
  testId: string;
  /** Its texture is drawn before it. */
  step?: StepKind;
  name: ReactNode;
  /** What is asked, and when. */
  asks: ReactNode;
  /** What is asked is overdue. */
  late?: boolean;
  /** Its name has the mark of an alarm. */
  isMarked?: boolean;
  state?: string;
  /** The one clear button; on a wide screen others beside it. */
  act: ReactNode;
  /** Never folded away. */
  always?: ReactNode;
  /** All that else belongs to it, behind a touch of the line. */
  children: ReactNode;
}

/** A job: one line, a clear button for a cold thumb, and the rest behind a touch of the words. */
export function HandLine({
  testId,
  step,
  name,
  asks,
  late = false,
  isMarked = false,
  state,
  act,
  always,
  children,
}: HandLineProps) {
  const { palette } = useDevice();
  const isNarrow = useNarrow();
  const isUntouched = useUntouched();
  const [row, button] = isNarrow ? [62, 52] : isUntouched ? [37, 32] : [50, 48];
  const [open, setOpen] = useState(false);
  return (
    <Box sx={{ borderBottom: `1px solid ${palette.line}` }} data-testid={testId} data-state={state}>
      <Box
        sx={{
          display: "flex",
          alignItems: "center",
          flexWrap: isNarrow ? "nowrap" : "wrap",
          columnGap: 1,
          minHeight: row,
          // cautions in full have a line of their own; folded ones stand beside the words
          "& > [data-folded=false]": { order: 1, flex: "1 0 100%" },
          "& > .MuiButton-root": {
            minHeight: button,
            minWidth: isUntouched ? 60 : 96,
            maxWidth: isUntouched ? 240 : 140,
            lineHeight: isUntouched ? 1.05 : 1.15,
            flex: "none",
            ...(isUntouched ? { py: 0, px: 1, fontSize: "0.9rem" } : {}),
          },
        }}
      >
        {step && (
          <Box sx={{ width: 34, flex: "none", display: "flex" }}>
            <StepSwatch kind={step} height={Math.min(46, row - 4)} />
          </Box>
        )}
        <ButtonBase
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          sx={{
            flex: isNarrow ? 1 : "1 1 12em",
            minWidth: 0,
            minHeight: isNarrow ? 56 : button,
            justifyContent: "flex-start",
            textAlign: "left",
            lineHeight: 1.25,
            "&:focus-visible": { outline: `2px solid ${palette.slate}` },
          }}
        >
          <span>
            <Typography
              component="span"
              sx={{
                display: "block",
                fontWeight: 600,
                fontSize: isUntouched ? "1rem" : "1.05rem",
                lineHeight: 1.2,
                overflowWrap: "anywhere",
              }}
            >
              {isMarked && <AlarmMark small />} {name}
            </Typography>
            <Typography
              component="span"
              variant="body2"
              sx={{
                display: "block",
                lineHeight: 1.25,
                color: late ? palette.alarm : palette.ink2,
                fontWeight: late ? 600 : 400,
              }}
            >
              {asks}
            </Typography>
          </span>
        </ButtonBase>
        {!isNarrow && always}
        {act}
      </Box>
      {isNarrow && always}
      {open && (
        <Box
          sx={{
            pb: 1,
            pl: step ? "42px" : 0,
            display: "grid",
            gap: 0.75,
            "& .MuiButton-root": { minHeight: 48 },
          }}
        >
          {children}
        </Box>
      )}
    </Box>
  );
}
