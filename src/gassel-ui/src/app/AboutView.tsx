import { Button, Typography } from "@mui/material";
import { Link, useLocation } from "react-router";
import { inShort, pageOf, saidIn } from "../features/handbook/pages";
import { useUnits } from "../shared/units";

/** What the view that is open is for, in a paragraph, and the way to its page of the handbook. */
export function AboutView({ close }: { close: () => void }) {
  const page = pageOf(useLocation().pathname);
  const units = useUnits();
  return (
    <>
      {page && <Typography sx={{ mb: 0.5 }}>{saidIn(inShort(page), units)}</Typography>}
      <Button component={Link} to={page ? `/help/${page.id}` : "/help"} onClick={close} sx={{ mb: 1 }}>
        {page ? `Handbook: ${page.title}` : "Handbook"}
      </Button>
    </>
  );
}
