import { useState } from "react";
import { Autocomplete, TextField } from "@mui/material";
import { useQuery } from "@tanstack/react-query";
import { findTowns, readTowns, townWords } from "./towns";
import type { Town } from "./towns";

const townsQuery = {
  queryKey: ["towns"],
  staleTime: Infinity,
  queryFn: async () => {
    const answer = await fetch("/towns.txt");
    if (!answer.ok) throw new Error("The list of towns is not at hand. Enter the coordinates instead.");
    return readTowns(await answer.text());
  },
};

interface TownFieldProps {
  /** Shown before anything is typed. */
  town: string;
  choose: (town: Town) => void;
}

/** The own town, or the nearest larger one: it brings position and time zone. */
export function TownField({ town, choose }: TownFieldProps) {
  const towns = useQuery(townsQuery);
  const [text, setText] = useState(town);
  const found = towns.data ? findTowns(towns.data, text) : [];
  return (
    <Autocomplete<Town, false, false, true>
      freeSolo
      options={found}
      filterOptions={(options) => options}
      getOptionLabel={(option) => (typeof option === "string" ? option : townWords(option))}
      getOptionKey={(option) =>
        typeof option === "string" ? option : `${option.latitude}/${option.longitude}`
      }
      inputValue={text}
      onInputChange={(_, next) => setText(next)}
      onChange={(_, chosen) => {
        if (chosen !== null && typeof chosen !== "string") choose(chosen);
      }}
      renderInput={(params) => (
        <TextField
          {...params}
          label="Your town, or the nearest larger one"
          name="town"
          placeholder="a few letters; after a comma the state or country"
          error={towns.isError}
          helperText={towns.error?.message ?? "Names and positions: GeoNames, CC BY 4.0"}
        />
      )}
    />
  );
}
