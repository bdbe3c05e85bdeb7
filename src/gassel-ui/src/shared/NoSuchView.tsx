import { Button } from "@mui/material";
import { Link } from "react-router";
import { EmptyNote } from "./EmptyNote";

export function NoSuchView() {
  return (
    <EmptyNote
      title="There is no such view"
      action={
        <Button component={Link} to="/" variant="contained">
          To Rounds
        </Button>
      }
    >
      The address is not one of Gassel's. What is due today stands on Rounds.
    </EmptyNote>
  );
}
