import { useContext } from "react";
import { Typography } from "@mui/material";
import { Refused } from "../api/client";
import { useDevice } from "../look/DeviceContext";
import { AlarmMark } from "./AlarmMark";
import { fieldOf, FormContext } from "./formProblem";

/** Why something was not accepted, in the server's words, where no field of its form says so: the value and what would be valid. */
export function Failure({ error }: { error: unknown }) {
  const { palette } = useDevice();
  const told = useContext(FormContext);
  if (!error) return null;
  if (error instanceof Refused && error.problem === told.problem && fieldOf(told) !== null) return null;
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
