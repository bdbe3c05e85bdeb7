import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import { useLots } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { LookAround } from "./LookAround";

/** What a grower begins with. */
export function StartNext() {
  const { palette } = useDevice();
  const hasSeed = (useLots().data ?? []).length > 0;
  const ways = [
    [
      "/batches/told",
      "Add what is already in the fridge",
      "Bags, trays and jugs that are under way, line by line.",
    ],
    hasSeed
      ? ["/plan", "Plan a first batch", "From one lot of seed to a date, by counting back."]
      : [
          "/seed?new=first",
          "Enter a first lot of seed",
          "Then plan a batch from it, by counting back from a date.",
        ],
    [
      "/season/wishes",
      "Enter a list for the winter",
      "All you want to grow; Gassel finds dates and room for it.",
    ],
    [
      "/site/tables/lots",
      "Read a seed list from a file",
      "A CSV from a spreadsheet, with columns of any names.",
    ],
  ] as const;
  return (
    <>
      <Typography variant="h1">What now?</Typography>
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
        {ways.map(([to, title, words]) => (
          <Box
            key={to}
            component={Link}
            to={to}
            sx={{
              display: "block",
              p: 2,
              minHeight: 72,
              borderRadius: 1,
              border: `1px solid ${palette.slate}`,
              color: palette.ink,
              textDecoration: "none",
              "&:hover": { bgcolor: palette.paper },
            }}
          >
            <Typography variant="h3" component="span" sx={{ display: "block", color: palette.slate }}>
              {title}
            </Typography>
            <Typography component="span">{words}</Typography>
          </Box>
        ))}
      </Box>
      <LookAround />
    </>
  );
}
