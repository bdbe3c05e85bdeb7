import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link, useNavigate } from "react-router";
import { useLots, useSite, useSpecies } from "../../book/queries";
import type { LotView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { elevation, useUnits } from "../../shared/units";
import { shortDay } from "../../time/days";
import { anyOr, counted, ListFilters } from "../../shared/ListFilters";
import { NoneFound } from "../../shared/NoneFound";
import { useAsked } from "../../shared/useAsked";
import { VirtualRows } from "../../shared/VirtualRows";
import { LEFT, LOT_ORDERS, LOTS_ASKED_BY, lotsAsked, NARROWED_BY } from "./lotsAsked";
import { LotForm } from "./LotForm";
import { LotPromise } from "./LotPromise";
import { ForRole } from "../../people/ForRole";

/** In the address of the first lot of a book: a batch is planned from it at once. */
const FIRST = "first";

/** The lots on hand: where from, how old, how much is left. */
export function Seed() {
  const lots = useLots();
  const species = useSpecies().data;
  const today = useSite().data?.today;
  const { palette } = useDevice();
  const units = useUnits();
  const { asked, ask, askNothing } = useAsked(LOTS_ASKED_BY);
  const startWith = asked.new ?? null;
  const navigate = useNavigate();
  const [editing, setEditing] = useState<LotView | "new" | null>(null);
  if (lots.error) return <Failure error={lots.error} />;
  if (!lots.data || !species || !today) return <Loading what="the seed" />;
  const form = editing ?? (startWith !== null || lots.data.length === 0 ? "new" : null);
  const nameOf = (id: string) => species.find((s) => s.species.id === id)?.species.commonName ?? id;
  const shown = lotsAsked(lots.data, asked, nameOf);
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: {
          xs: "minmax(0,1fr)",
          lg: form ? "minmax(0,1.7fr) minmax(0,1fr)" : "minmax(0,1fr)",
        },
        alignItems: "start",
      }}
    >
      <Card label="lots">
        <Box
          sx={{
            display: "flex",
            justifyContent: "space-between",
            alignItems: "center",
            flexWrap: "wrap",
            mb: 1,
          }}
        >
          <Typography variant="h1">
            {shown.length < lots.data.length ? `${shown.length} of ${lots.data.length} lots` : "Seed on hand"}
          </Typography>
          <ForRole role="grower">
            <Button variant="contained" onClick={() => setEditing("new")}>
              Enter a lot
            </Button>
          </ForRole>
        </Box>
        {lots.data.length === 0 && (
          <Typography>No lot yet. A lot is seed of one species from one place and harvest.</Typography>
        )}
        {lots.data.length > 0 && (
          <ListFilters
            name="lots"
            searches="Number, name, place or note"
            asked={asked}
            ask={ask}
            lists={[
              {
                by: "species",
                label: "Species",
                choices: anyOr(
                  counted(
                    lots.data,
                    (lot) => lot.details.speciesId,
                    (lot) => nameOf(lot.details.speciesId),
                  ),
                ),
              },
              { by: "left", label: "Left", choices: LEFT },
              { by: "order", label: "Order", choices: LOT_ORDERS },
            ]}
          />
        )}
        {lots.data.length > 0 && shown.length === 0 && (
          <NoneFound what="lot" all={lots.data.length} askNothing={() => askNothing(NARROWED_BY)} />
        )}
        <Box sx={{ mt: 1 }}>
          <VirtualRows
            count={shown.length}
            height={120}
            label="lots"
            row={(index) => {
              const lot = shown[index];
              return (
                lot && (
                  <Box
                    data-testid={`lot-${lot.id}`}
                    sx={{
                      display: "grid",
                      gridTemplateColumns: { xs: "1fr", md: "minmax(0,1.3fr) 170px minmax(0,1.5fr) auto" },
                      columnGap: 2,
                      alignItems: "center",
                      borderTop: `1px solid ${palette.line}`,
                      py: 1,
                    }}
                  >
                    <Box>
                      <Typography variant="h3" component="h2">
                        Lot {lot.id} {nameOf(lot.details.speciesId)}
                      </Typography>
                      <Typography variant="body2" color="text.secondary">
                        {lotOrigin(lot)}
                        {lot.details.lot.parent ? `, from plants of ${lot.details.lot.parent}` : ""}
                        {lot.details.lot.elevationM != null &&
                          `, ${elevation(lot.details.lot.elevationM, units)}`}
                        {lot.details.lot.note && `; ${lot.details.lot.note}`}
                      </Typography>
                    </Box>
                    <Box>
                      <SeedLeft left={lot.seedsLeft} of={lot.seeds} />
                    </Box>
                    <LotPromise lot={lot} />
                    <Box sx={{ display: "flex", gap: 0.5 }}>
                      <ForRole role="grower">
                        <Button
                          onClick={() => setEditing(lot)}
                          aria-label={`change lot ${lot.id}`}
                          sx={{ px: 1 }}
                        >
                          Change
                        </Button>
                      </ForRole>
                      <Button
                        component={Link}
                        to={`/plan?species=${lot.details.speciesId}&lot=${lot.id}`}
                        aria-label={`plan with lot ${lot.id}`}
                        sx={{ px: 1 }}
                      >
                        Plan
                      </Button>
                    </Box>
                  </Box>
                )
              );
            }}
          />
        </Box>
      </Card>
      {form && (
        <LotForm
          key={form === "new" ? "new" : form.id}
          lot={form === "new" ? null : form}
          species={species}
          today={today}
          startWith={startWith}
          close={() => {
            setEditing(null);
            ask("new", "");
          }}
          {...(asked.new === FIRST
            ? {
                saved: (lot: LotView) =>
                  void navigate(`/plan?species=${lot.details.speciesId}&lot=${lot.id}`),
              }
            : {})}
        />
      )}
    </Box>
  );
}

/** Where and when it comes from, with the year: lots of one species differ by it. */
const lotOrigin = ({ details: { lot } }: LotView): string =>
  lot.source === "cleanedBought"
    ? `${lot.gatheredAt || "bought"}${lot.packedFor ? `, packed for ${lot.packedFor}` : `, ${shortDay(lot.gatheredOn)}`}`
    : `${lot.gatheredAt}, ${shortDay(lot.gatheredOn)}`;

/** How much of the lot is still in the jar. */
function SeedLeft({ left, of }: { left: number; of: number }) {
  const { palette } = useDevice();
  return (
    <>
      <Typography>
        <strong>{left}</strong> of {of} seeds left
      </Typography>
      <Box
        sx={{
          height: 8,
          maxWidth: 220,
          border: `1px solid ${palette.ink2}`,
          borderRadius: 1,
          overflow: "hidden",
        }}
      >
        <Box sx={{ height: "100%", width: `${(100 * left) / of}%`, bgcolor: palette.ochre }} />
      </Box>
    </>
  );
}
