import { Box } from "@mui/material";
import { Link, useLocation } from "react-router";
import { useDevice } from "../look/DeviceContext";
import { useUntouched } from "../shared/useNarrow";
import { DOORS, doorOf, roomOf } from "./doors";

/** The five doors: beside the name on a wide screen, at the lower edge under the thumb on a phone. */
export function Doors() {
  const { palette } = useDevice();
  const open = doorOf(useLocation().pathname);
  return (
    <Box
      component="nav"
      aria-label="views"
      sx={{
        display: { xs: "grid", md: "flex" },
        gridTemplateColumns: `repeat(${DOORS.length}, 1fr)`,
        gap: { xs: 0, md: 1 },
        position: { xs: "fixed", md: "static" },
        bottom: 0,
        left: 0,
        right: 0,
        zIndex: 5,
        bgcolor: palette.card,
        borderTop: { xs: `1px solid ${palette.line}`, md: "none" },
        "& a": {
          color: palette.ink,
          textDecoration: "none",
          textAlign: "center",
          fontWeight: 600,
          minHeight: { xs: 60, md: 48 },
          minWidth: 48,
          lineHeight: 1.15,
          display: "flex",
          alignItems: "center",
          justifyContent: "center",
          px: { xs: 0.25, md: 1.25 },
          fontSize: { xs: "0.875rem", md: "1.02rem" },
          borderBottom: { xs: "none", md: "3px solid transparent" },
          borderTop: "3px solid transparent",
        },
        "& a[aria-current]": {
          color: palette.slate,
          borderBottomColor: palette.ochre,
          borderTopColor: { xs: palette.ochre, md: "transparent" },
        },
      }}
    >
      {DOORS.map((door) => (
        <Link
          key={door.name}
          to={door.rooms[0]?.path ?? "/"}
          {...(door.name === open?.name ? { "aria-current": "true" as const } : {})}
        >
          {door.name}
        </Link>
      ))}
    </Box>
  );
}

/** The views behind the open door; none where there is one alone. */
export function Rooms() {
  const { palette } = useDevice();
  const { pathname, search } = useLocation();
  const isUntouched = useUntouched();
  // on a phone the place at which one stands has the whole screen
  const atPlace = pathname === "/" && new URLSearchParams(search).has("place");
  const rooms = doorOf(pathname)?.rooms ?? [];
  const here = roomOf(pathname);
  if (rooms.length < 2) return null;
  return (
    <Box
      component="nav"
      aria-label={`views of ${doorOf(pathname)?.name}`}
      sx={{
        display: { xs: atPlace ? "none" : "flex", md: "flex" },
        gap: { xs: 0.5, md: 1 },
        maxWidth: 1400,
        width: "100%",
        mx: "auto",
        px: { xs: 1.5, md: 3 },
        pt: isUntouched ? 0.5 : 1,
        displayPrint: "none",
        "& a": {
          color: palette.slate,
          fontWeight: 600,
          textDecoration: "none",
          minHeight: isUntouched ? 36 : 48,
          minWidth: 48,
          display: "flex",
          alignItems: "center",
          justifyContent: "center",
          px: { xs: 1.25, md: 1.75 },
          borderRadius: 1,
          border: "1px solid transparent",
        },
        "& a[aria-current]": { color: palette.ink, bgcolor: palette.card, borderColor: palette.line },
      }}
    >
      {rooms.map((room) => (
        <Link
          key={room.path}
          to={room.path}
          {...(room.path === here ? { "aria-current": "page" as const } : {})}
        >
          {room.name}
        </Link>
      ))}
    </Box>
  );
}
