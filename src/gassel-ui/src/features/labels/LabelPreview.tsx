import { Box } from "@mui/material";
import type { PartLabel } from "../../api/types";
import { SERIF } from "../../look/theme";
import { shortDay } from "../../time/days";

/** What stands on a label, as ink on paper, whatever the light of the page. */
export function LabelPreview({ label, small }: { label: PartLabel["label"]; small: boolean }) {
  const warning = (small ? label.warnings.slice(0, 2) : label.warnings).join("; ");
  const kills = label.hazard === "TOXIC";
  return (
    <Box
      data-testid={small ? "label-inside" : "label-outside"}
      sx={{
        bgcolor: "#fff",
        color: "#000",
        border: "1px solid #777",
        borderRadius: "4px",
        p: 1,
        width: small ? 170 : 290,
        minHeight: small ? 96 : 150,
        display: "flex",
        flexDirection: "column",
        lineHeight: 1.25,
        fontSize: small ? "0.85rem" : "0.95rem",
      }}
    >
      {small && <b style={{ fontSize: "1.2rem" }}>{label.code}</b>}
      <b style={{ fontFamily: SERIF }}>{label.commonName}</b>
      <i>{label.scientificName}</i>
      {!small && (
        <>
          <b style={{ fontSize: "1.15rem" }}>
            {label.code} {label.vessel}
          </b>
          <span>
            {label.step}
            {label.in && `, in ${shortDay(label.in)}`}
          </span>
          <b>{label.due}</b>
          <span style={{ fontSize: "0.8rem" }}>{label.lot}</span>
        </>
      )}
      {small && <span>{label.in ? `in ${shortDay(label.in)}` : label.due}</span>}
      {warning && (
        <Box
          sx={{
            mt: "auto",
            px: 0.5,
            fontWeight: 700,
            border: "1.5px solid #000",
            bgcolor: kills ? "#000" : "#fff",
            color: kills ? "#fff" : "#000",
          }}
        >
          {warning}
        </Box>
      )}
    </Box>
  );
}
