import { WORDS } from "../../api/words";
import {} from "@mui/material";
import { useNavigate } from "react-router";
import { useSpecies } from "../../book/queries";
import { ChoiceField } from "../../shared/ChoiceField";

/** A route that another species has, as the beginning of one for this species. */
export function CopyRoute({ to }: { to: string }) {
  const navigate = useNavigate();
  const others = (useSpecies().data ?? []).filter((v) => v.species.id !== to);
  const offers = others.flatMap(({ species }) => species.routes.map((route) => ({ species, route })));
  if (offers.length === 0) return null;
  return (
    <ChoiceField
      label="Copy a route of another species"
      name="copyRoute"
      value=""
      onChange={(at) => {
        const offer = offers[Number(at)];
        if (offer) void navigate(`/species/${to}/routes/new?of=${offer.species.id}&like=${offer.route.id}`);
      }}
      helper="its days are a start; you check them before saving"
      sx={{ mt: 2, minWidth: { xs: "100%", sm: 380 } }}
      choices={offers.map(({ species, route }, i) => [
        String(i),
        `${species.commonName}: ${route.name}, ${WORDS.RouteSetting[route.setting]}`,
      ])}
    />
  );
}
