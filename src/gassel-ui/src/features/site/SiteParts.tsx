import { Box } from "@mui/material";
import { NavLink } from "react-router";
import { useDevice } from "../../look/DeviceContext";

const PARTS = [
  { path: "/site", name: "Location and frost" },
  { path: "/site/places", name: "Places" },
  { path: "/site/temperature", name: "Temperatures" },
  { path: "/site/forecast", name: "Forecast" },
  { path: "/site/messages", name: "Messages" },
  { path: "/site/people", name: "People, phones, copies" },
] as const;

/** The pages of Site. */
export function SiteParts() {
  const { palette } = useDevice();
  return (
    <Box
      component="nav"
      aria-label="pages of Site"
      sx={{
        display: "flex",
        gap: 1,
        mb: 1.5,
        flexWrap: "wrap",
        "& a": {
          color: palette.slate,
          fontWeight: 600,
          textDecoration: "none",
          minHeight: 48,
          display: "flex",
          alignItems: "center",
          px: 1.5,
          borderRadius: 1,
          border: `1px solid ${palette.line}`,
        },
        "& a.active": { color: palette.ink, borderColor: palette.slate, borderWidth: 2 },
      }}
    >
      {PARTS.map((part) => (
        <NavLink key={part.path} to={part.path} end>
          {part.name}
        </NavLink>
      ))}
    </Box>
  );
}
