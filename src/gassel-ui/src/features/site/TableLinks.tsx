import { Box, Typography } from "@mui/material";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import { ForRole } from "../../people/ForRole";

/** Each table of the book as CSV, with its codebook. */
export function TableLinks() {
  const tables = useQuery({ queryKey: ["tables"], queryFn: () => answered(api.GET("/api/tables")) });
  const read = useQuery({ queryKey: ["intake"], queryFn: () => answered(api.GET("/api/intake")) }).data ?? [];
  if (!tables.data) return null;
  return (
    <Box sx={{ mt: 1.5 }}>
      <Typography variant="h3">One table alone, as CSV</Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {tables.data.map((table) => (
          <Typography component="li" key={table.name}>
            <a href={`/api/tables/${table.name}.csv`} download>
              {table.name}
            </a>
            : {table.words} (
            <a href={`/api/codebooks/${table.name}.csv`} download>
              what its columns mean
            </a>
            {read.some((one) => one.name === table.name) && (
              <ForRole role="grower">
                {", "}
                <Link to={`/site/tables/${table.name}`}>read from a file</Link>
              </ForRole>
            )}
            )
          </Typography>
        ))}
      </Box>
    </Box>
  );
}
