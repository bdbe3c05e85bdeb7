import { Button } from "@mui/material";
import { Link } from "react-router";
import { EmptyNote } from "./EmptyNote";

export function NoSuchView() {
  return (
    <EmptyNote
      title="Page not found"
      action={
        <Button component={Link} to="/" variant="contained">
          To Rounds
        </Button>
      }
    >
      The address is not one of Gassel's. Today’s jobs are on Rounds.
    </EmptyNote>
  );
}
