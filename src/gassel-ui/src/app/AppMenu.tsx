import { useState } from "react";
import { Button, Menu, MenuItem } from "@mui/material";
import { useNavigate } from "react-router";
import { useDevice } from "../look/DeviceContext";
import { useKeysHelp } from "../shared/Keys";

/** What is set once and seldom: the site, its people, the light of the screen, the keys. */
const PAGES = [
  ["/site", "Site"],
  ["/site/places", "Places"],
  ["/site/temperature", "Thermometers"],
  ["/site/people", "People, phones, copies"],
  ["/help", "Handbook"],
] as const;

/** @param isIn Somebody is signed in, or nobody needs to be: the pages are theirs. */
export function AppMenu({ isIn }: { isIn: boolean }) {
  const { light, setLight } = useDevice();
  const showKeys = useKeysHelp();
  const navigate = useNavigate();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const then = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  return (
    <>
      <Button
        size="small"
        variant="outlined"
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ minHeight: 48, minWidth: 56, px: 1 }}
      >
        Menu
      </Button>
      {anchor && (
        <Menu anchorEl={anchor} open onClose={() => setAnchor(null)}>
          {(isIn ? PAGES : []).map(([path, name]) => (
            <MenuItem key={path} sx={{ minHeight: 48 }} onClick={then(() => void navigate(path))}>
              {name}
            </MenuItem>
          ))}
          <MenuItem
            sx={{ minHeight: 48 }}
            onClick={then(() => setLight(light === "dark" ? "light" : "dark"))}
          >
            {light === "dark" ? "Light colours" : "Dark colours"}
          </MenuItem>
          <MenuItem sx={{ minHeight: 48 }} onClick={then(showKeys)}>
            This page and its keys
          </MenuItem>
        </Menu>
      )}
    </>
  );
}
