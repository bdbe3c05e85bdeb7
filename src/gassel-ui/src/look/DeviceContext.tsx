import { createContext, useContext, useMemo, useState } from "react";
import type { ReactNode } from "react";
import { rememberedLight, rememberedWho, rememberLight, rememberWho } from "./device";
import type { Light } from "./device";
import { dark, light as lightPalette } from "./palette";
import type { Palette } from "./palette";

interface Device {
  who: string;
  setWho: (who: string) => void;
  light: Light;
  setLight: (light: Light) => void;
  palette: Palette;
}

const DeviceContext = createContext<Device | null>(null);

export function useDevice(): Device {
  const device = useContext(DeviceContext);
  if (!device) throw new Error("useDevice outside DeviceProvider");
  return device;
}

export function DeviceProvider({ children }: { children: ReactNode }) {
  const [who, setWho] = useState(rememberedWho);
  const [light, setLight] = useState(rememberedLight);
  const device = useMemo<Device>(
    () => ({
      who,
      setWho: (name) => {
        rememberWho(name);
        setWho(name);
      },
      light,
      setLight: (chosen) => {
        rememberLight(chosen);
        setLight(chosen);
      },
      palette: light === "dark" ? dark : lightPalette,
    }),
    [who, light],
  );
  return <DeviceContext.Provider value={device}>{children}</DeviceContext.Provider>;
}
