import { Box } from "@mui/material";
import { ForRole } from "../../people/ForRole";
import { CopiesCard } from "./CopiesCard";
import { NetworkCard } from "./NetworkCard";
import { PackageCard } from "./PackageCard";
import { PeopleCard } from "./PeopleCard";
import { SiteParts } from "./SiteParts";

/** Who works with the book, from which devices, and what is left of it if a disk fails. */
export function SitePeople() {
  return (
    <>
      <SiteParts />
      <Box
        sx={{
          display: "grid",
          gap: 2,
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1.2fr) minmax(0,1fr)" },
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 2 }}>
          <NetworkCard />
          <ForRole role="owner">
            <CopiesCard />
          </ForRole>
        </Box>
        <ForRole role="owner">
          <Box sx={{ display: "grid", gap: 2 }}>
            <PeopleCard />
            <PackageCard />
          </Box>
        </ForRole>
      </Box>
    </>
  );
}
