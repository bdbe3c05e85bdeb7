import { Box, Typography } from "@mui/material";
import { useForecastService, useSite } from "../../book/queries";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { SiteParts } from "./SiteParts";
import { ForecastCard } from "../weather/ForecastCard";
import { ForecastFile } from "../weather/ForecastFile";
import { ForecastService } from "../weather/ForecastService";

/** Where the weather to come is from: typed, a file, a service. */
export function SiteForecast() {
  const service = useForecastService();
  const site = useSite().data;
  if (!site || service.isPending) return <Loading what="the forecast" />;
  return (
    <>
      <SiteParts />
      <Typography variant="h1" sx={{ mb: 1 }}>
        Weather to come
      </Typography>
      <ForecastCard onItsPage />
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,3fr) minmax(0,2fr)" },
          alignItems: "start",
        }}
      >
        {service.data ? (
          <ForecastService
            key={service.data.service?.address ?? ""}
            view={service.data}
            today={site.today}
            timeZone={site.timeZone}
          />
        ) : (
          <Failure error={service.error} />
        )}
        <ForecastFile today={site.today} />
      </Box>
    </>
  );
}
