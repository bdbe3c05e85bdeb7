import type { ReactNode } from "react";
import { Typography } from "@mui/material";
import type { Role } from "../api/types";
import { useMay } from "./usePerson";

interface ForRoleProps {
  role: Role;
  children: ReactNode;
  /** Said in place of it to those whose role does not reach; nothing if left out. */
  otherwise?: string;
}

/** Offered to people of the role and above. The server refuses the others in any case. */
export function ForRole({ role, children, otherwise }: ForRoleProps) {
  if (useMay(role)) return children;
  return otherwise ? (
    <Typography sx={{ fontWeight: 600 }} data-testid={`for-${role}`}>
      {otherwise}
    </Typography>
  ) : null;
}
