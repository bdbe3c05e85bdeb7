import type { ReactNode } from "react";
import { Box, Typography } from "@mui/material";
import { Card } from "./Card";

/** An empty view says what goes there and offers the next step. */
export function EmptyNote({
  title,
  children,
  action,
}: {
  title: string;
  children: ReactNode;
  action?: ReactNode;
}) {
  return (
    <Card>
      <Typography variant="h2" component="h1" sx={{ mb: 1 }}>
        {title}
      </Typography>
      <Typography sx={{ maxWidth: "60ch" }}>{children}</Typography>
      {action && <Box sx={{ mt: 2 }}>{action}</Box>}
    </Card>
  );
}
