import type { ReactNode } from "react";
import { Box } from "@mui/material";
import type { SxProps } from "@mui/material";
import { useDevice } from "../look/DeviceContext";

interface CardProps {
  children: ReactNode;
  sx?: SxProps;
  label?: string;
}

export function Card({ children, sx, label }: CardProps) {
  const { palette } = useDevice();
  return (
    <Box
      component="section"
      aria-label={label}
      sx={[
        {
          bgcolor: palette.card,
          border: `1px solid ${palette.line}`,
          borderRadius: 1.5,
          p: { xs: 1.5, md: 2 },
          minWidth: 0,
        },
        ...(Array.isArray(sx) ? sx : [sx]),
      ]}
    >
      {children}
    </Box>
  );
}
