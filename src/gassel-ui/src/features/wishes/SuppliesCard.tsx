import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Why } from "../../shared/Why";
import { useSupplies } from "./useWishes";

/** What to have at hand before the winter begins, from wishes and from batches that have not begun. */
export function SuppliesCard() {
  const supplies = useSupplies();
  const { palette } = useDevice();
  if (supplies.error) return <Failure error={supplies.error} />;
  if (!supplies.data || supplies.data.lines.length === 0) return null;
  return (
    <Card label="supplies">
      <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Supplies
        </Typography>
        <Button sx={{ displayPrint: "none" }} onClick={() => window.print()}>
          Print
        </Button>
      </Box>
      <Typography variant="body2">
        For all wishes and for batches that have not begun. What you have already is not deducted.
      </Typography>
      <Box component="ul" sx={{ m: 0, mt: 1, p: 0 }}>
        {supplies.data.lines.map((line) => (
          <Box
            component="li"
            key={line.what}
            data-testid={`supply-${line.what}`}
            sx={{
              listStyle: "none",
              borderTop: `1px solid ${palette.line}`,
              display: "flex",
              flexWrap: "wrap",
              alignItems: "center",
              columnGap: 1.5,
            }}
          >
            <Typography sx={{ flex: "1 1 200px" }}>{line.what}</Typography>
            <Typography sx={{ fontWeight: 600 }}>{line.amount}</Typography>
            <Why lines={line.working} about={line.what} />
          </Box>
        ))}
      </Box>
    </Card>
  );
}
