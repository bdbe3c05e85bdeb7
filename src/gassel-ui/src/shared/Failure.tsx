import { Typography } from "@mui/material";
import { Refused } from "../api/client";
import { useDevice } from "../look/DeviceContext";
import { AlarmMark } from "./AlarmMark";

/** Why something was not accepted, in the server's words: the field, the value and what would be valid. */
export function Failure({ error }: { error: unknown }) {
  const { palette } = useDevice();
  if (!error) return null;
  const words =
    error instanceof Refused
      ? error.problem.detail
      : "Something went wrong on this page. Reload it; what you recorded is safe.";
  return (
    <Typography
      role="alert"
      sx={{ display: "flex", gap: 1, alignItems: "flex-start", color: palette.ink, fontWeight: 600 }}
    >
      <AlarmMark /> <span>{words}</span>
    </Typography>
  );
}
