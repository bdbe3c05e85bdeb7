import { useRef, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQuery } from "@tanstack/react-query";
import { countTraysQuery, findQuery, usePlaces } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { codeReader } from "./codeReader";
import { placeOfCode, readLabelCode, readPlaceCode } from "./labelCode";
import { useCamera } from "./useCamera";
import { FileButton } from "../../shared/FileButton";

interface ScanProps {
  /** Goes where the label leads. */
  go: (path: string) => void;
  back: () => void;
  backWords?: string;
}

/** The code of a label or of a place before the camera, or in a picture of it. */
export function Scan({ go, back, backWords = "Type instead" }: ScanProps) {
  const all = useQuery(findQuery).data;
  const trays = useQuery(countTraysQuery).data?.trays;
  const [said, setSaid] = useState<string | null>(null);
  const { palette } = useDevice();
  const places = usePlaces().data;
  const seen = (text: string) => {
    const place = readPlaceCode(text);
    if (place !== null) {
      if (places && !places.some((one) => one.id === place))
        return setSaid("This book has no such place. The card belongs to another book.");
      return go(`/?place=${encodeURIComponent(place)}`);
    }
    const code = readLabelCode(text);
    if (!code) return setSaid("This code is not from Gassel.");
    if (!all || !trays) return setSaid("The book is still being read. Hold on.");
    const path = placeOfCode(code, all, trays);
    if (path === null)
      return setSaid(`This book has no batch B-${code.number}. The label belongs to another book.`);
    go(path);
  };
  // a picture that was chosen is what is meant, whatever is still before the camera
  const isChosen = useRef(false);
  const { video, fault } = useCamera((text) => {
    if (!isChosen.current) seen(text);
  });
  const look = async (file: File) => {
    isChosen.current = true;
    try {
      const picture = await createImageBitmap(file);
      const text = await (await codeReader())(picture);
      if (text === null)
        setSaid("No code is seen in this picture. Hold the label flat and fill the picture with it.");
      else seen(text);
    } catch {
      setSaid("This browser cannot read the picture; choose a JPEG, PNG or WebP.");
    }
    isChosen.current = false;
  };
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      {fault === null && (
        <Box
          component="video"
          ref={video}
          muted
          playsInline
          aria-label="camera"
          sx={{
            width: "100%",
            maxHeight: "50dvh",
            objectFit: "cover",
            bgcolor: palette.ink,
            borderRadius: 1,
          }}
        />
      )}
      <Typography role="status" data-testid="scan-says">
        {said ?? fault ?? "Hold the code of a label or of a place’s card before the camera."}
      </Typography>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <FileButton accept="image/*" testId="scan-picture" camera take={(file) => void look(file)}>
          Take a picture of the code
        </FileButton>
        <Button onClick={back}>{backWords}</Button>
      </Box>
    </Box>
  );
}
