import { Typography } from "@mui/material";
import { useSetOut } from "../../book/queries";
import { capital } from "../../shared/words";
import { AlarmMark } from "../../shared/AlarmMark";

/** On which days a container of this kind goes out: late enough that no freeze finds it up, early enough for its cold. */
export function SetOutNote({ speciesId, routeId }: { speciesId: string; routeId: string }) {
  const wave = useSetOut(speciesId, routeId);
  if (wave.error) {
    return (
      <Typography variant="body2" sx={{ display: "flex", gap: 0.75 }}>
        <AlarmMark /> <span>When to set it out was not checked: {wave.error.message}</span>
      </Typography>
    );
  }
  if (!wave.data) return null;
  return (
    <Typography variant="body2">
      {wave.data.setOut.windowWords} {capital(wave.data.wave)}.
    </Typography>
  );
}
