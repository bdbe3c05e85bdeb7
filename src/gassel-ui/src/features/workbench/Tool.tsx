import type { ReactNode } from "react";
import { Box, Typography } from "@mui/material";
import { useDevice } from "../../look/DeviceContext";
import { SERIF } from "../../look/theme";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Why } from "../../shared/Why";

interface ToolProps {
  title: string;
  about: string;
  fields: ReactNode;
  error: unknown;
  /** The answer in a few large words; null before there is one. */
  answer: string | null;
  working: string[];
  children?: ReactNode;
}

/** A sum on its own: what goes in, the answer, and why. */
export function Tool({ title, about, fields, error, answer, working, children }: ToolProps) {
  const { palette } = useDevice();
  return (
    <Card label={title.toLowerCase()}>
      <Typography variant="h1">{title}</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1.5, maxWidth: "80ch" }}>
        {about}
      </Typography>
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(4, 1fr)" } }}>
        {fields}
      </Box>
      <Failure error={error} />
      {answer !== null && (
        <Box sx={{ borderTop: `1px solid ${palette.line}`, pt: 1, mt: 1 }}>
          <Typography sx={{ fontFamily: SERIF, fontWeight: 600, fontSize: "1.5rem" }} data-testid="answer">
            {answer}
          </Typography>
          {children}
          <Why lines={working} about={title.toLowerCase()} />
        </Box>
      )}
    </Card>
  );
}
