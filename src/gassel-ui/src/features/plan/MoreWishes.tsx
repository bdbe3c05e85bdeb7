import { WORDS } from "../../api/words";
import { Typography } from "@mui/material";
import { usePlacesInUse } from "../../book/queries";
import type { SowCover } from "../../api/types";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import type { Wish } from "./wish";

interface MoreWishesProps {
  wish: Wish;
  change: (part: Partial<Wish>) => void;
  /** It is sown in the yard. */
  outdoors: boolean;
}

/** What is seldom changed. */
export function MoreWishes({ wish, change, outdoors }: MoreWishesProps) {
  const places = usePlacesInUse().filter((p) => (outdoors ? p.isOpenAir : p.kind !== "coldShelf"));
  const share = (label: string, name: "toPot" | "toHardened" | "toPlanted") => (
    <NumberField
      label={label}
      name={name}
      value={wish[name]}
      onChange={(value) => change({ [name]: value })}
      min={1}
      max={100}
      whole={false}
      unit="%"
    />
  );
  return (
    <>
      <ChoiceField
        label="Covered"
        name="cover"
        value={wish.cover}
        onChange={(cover) => change({ cover })}
        choices={[["", "as usual"], ...wordsOf<SowCover>(WORDS.SowCover)]}
      />
      <ChoiceField
        label="Location"
        name="place"
        value={places.some((p) => p.id === wish.place) ? wish.place : ""}
        onChange={(place) => change({ place })}
        choices={[["", "as usual"], ...places.map((p): [string, string] => [p.id, p.name])]}
      />
      <NumberField
        label="How sure"
        name="confidence"
        value={wish.confidencePercent}
        onChange={(confidencePercent) => change({ confidencePercent })}
        min={1}
        max={99.9}
        whole={false}
        unit="%"
        helper="chance to reach the plants wanted"
      />
      <Typography variant="h3">Survival, our assumption</Typography>
      {share("Seedling to pot", "toPot")}
      {share("Pot to hardened", "toHardened")}
      {share("Hardened to planted", "toPlanted")}
      <NumberField
        label="Spread over trays or containers"
        name="containers"
        value={wish.containers}
        onChange={(containers) => change({ containers })}
        min={1}
        max={60}
      />
      <NumberField
        label="Expected tray losses"
        name="loss"
        value={wish.lossPercent}
        onChange={(lossPercent) => change({ lossPercent })}
        min={0}
        max={99}
        unit="%"
        helper="to damping off, mice or a freeze (our assumption)"
      />
    </>
  );
}
