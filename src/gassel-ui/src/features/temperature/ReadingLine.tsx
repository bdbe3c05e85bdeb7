import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../../look/DeviceContext";

/** The line that sends a reading, to copy. */
export function ReadingLine({ line }: { line: string }) {
  const { palette } = useDevice();
  return (
    <Box>
      <Typography sx={{ mb: 0.5 }}>
        Send readings with this line, from the thermometer or from a computer. The token is shown only now.
      </Typography>
      <Box
        component="pre"
        data-testid="reading-line"
        sx={{
          m: 0,
          p: 1.5,
          overflowX: "auto",
          whiteSpace: "pre-wrap",
          overflowWrap: "anywhere",
          bgcolor: palette.paper,
          borderRadius: 1,
          fontSize: "0.9rem",
        }}
      >
        {line}
      </Box>
      <Button onClick={() => void navigator.clipboard.writeText(line)}>Copy</Button>
    </Box>
  );
}
