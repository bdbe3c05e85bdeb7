import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, Checkbox, FormControlLabel, Typography } from "@mui/material";
import { useMix, useMixStart } from "../../book/queries";
import type { MixShare } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { SERIF } from "../../look/theme";
import { Card } from "../../shared/Card";
import { Cautions } from "../../shared/Cautions";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";
import { useUnits, volume } from "../../shared/units";
import { Why } from "../../shared/Why";
import { requestOf, unused } from "./mix";
import type { MixDraft } from "./mix";

type Start = NonNullable<ReturnType<typeof useMixStart>["data"]>;

/** Litres of each part of a mix for so many bags, cells, pots or containers. */
export function Mixing() {
  const start = useMixStart();
  if (start.error) return <Failure error={start.error} />;
  if (!start.data) return <Loading what="the mixes" />;
  return <MixingFrom start={start.data} />;
}

function MixingFrom({ start }: { start: Start }) {
  const units = useUnits();
  const { palette } = useDevice();
  const [draft, setDraft] = useState<MixDraft>({
    count: 72,
    vessel: "cell",
    litresEach: start.litres.cell ?? null,
    shares: start.mixes[1]?.parts ?? [],
    settling: Math.round(start.settling * 100),
    boiled: false,
  });
  const set = (part: Partial<MixDraft>) => setDraft((before) => ({ ...before, ...part }));
  const mix = useMix(requestOf(draft));
  const left = unused(Object.keys(WORDS.MixPart) as MixShare["part"][], draft.shares);
  const changeShare = (i: number, share: Partial<MixDraft["shares"][number]>) =>
    set({ shares: draft.shares.map((s, n) => (n === i ? { ...s, ...share } : s)) });
  return (
    <Card label="mixing">
      <Typography variant="h1">Mixing</Typography>
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1.3fr 1fr 1fr" },
          my: 1.5,
        }}
      >
        <NumberField
          label="How many"
          name="count"
          value={draft.count}
          onChange={(count) => set({ count })}
          min={1}
          max={100_000}
        />
        <ChoiceField
          label="To fill"
          name="vessel"
          value={draft.vessel}
          onChange={(vessel) => set({ vessel, litresEach: start.litres[vessel] ?? null })}
          choices={wordsOf(WORDS.MixVessel)}
        />
        <MeasureField
          label="Each holds"
          name="litresEach"
          measure="volume"
          value={draft.litresEach}
          onChange={(litresEach) => set({ litresEach })}
          min={0.001}
          max={1000}
          helper="starter value, from memory"
        />
        <NumberField
          label="Lost in settling"
          name="settling"
          value={draft.settling}
          onChange={(settling) => set({ settling })}
          min={0}
          max={50}
          unit="%"
        />
      </Box>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mb: 1 }}>
        {start.mixes.map((named) => (
          <Button key={named.name} variant="outlined" onClick={() => set({ shares: named.parts })}>
            {named.name}
          </Button>
        ))}
      </Box>
      <Box
        component="table"
        sx={{
          width: "100%",
          borderCollapse: "collapse",
          "& td, & th": {
            borderTop: `1px solid ${palette.line}`,
            pt: 1,
            pr: 1.5,
            textAlign: "left",
            verticalAlign: "top",
          },
          "& thead th": { borderTop: "none", fontWeight: 600 },
        }}
      >
        <thead>
          <tr>
            <th>part</th>
            <th>parts</th>
            <th>measure out, loose</th>
            <th>
              <Box component="span" sx={{ position: "absolute", left: -9999 }}>
                leave out
              </Box>
            </th>
          </tr>
        </thead>
        <tbody>
          {draft.shares.map((share, i) => (
            <tr key={share.part} data-testid={`share-${share.part}`}>
              <td style={{ paddingTop: 24 }}>{WORDS.MixPart[share.part]}</td>
              <td style={{ width: 110 }}>
                <NumberField
                  label="parts"
                  name={`parts-${share.part}`}
                  value={share.parts}
                  onChange={(parts) => changeShare(i, { parts })}
                  min={0.01}
                  max={100}
                  whole={false}
                />
              </td>
              <td>
                <Typography sx={{ fontFamily: SERIF, fontWeight: 600, fontSize: "1.35rem", pt: 1.25 }}>
                  {volumeOf(mix.data?.parts.find((p) => p.part === share.part)?.litres, units)}
                </Typography>
              </td>
              <td style={{ textAlign: "right" }}>
                {draft.shares.length > 1 && (
                  <Button
                    onClick={() => set({ shares: draft.shares.filter((_, n) => n !== i) })}
                    aria-label={`leave out ${WORDS.MixPart[share.part]}`}
                  >
                    Leave out
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
      {left.length > 0 && (
        <ChoiceField
          label="Add a part"
          name="add"
          size="small"
          value={"" as MixShare["part"] | ""}
          onChange={(part) => part && set({ shares: [...draft.shares, { part, parts: 1 }] })}
          choices={left.map((part) => [part, WORDS.MixPart[part]] as const)}
          sx={{ minWidth: 200, mt: 1 }}
        />
      )}
      <FormControlLabel
        control={
          <Checkbox checked={draft.boiled} onChange={(event) => set({ boiled: event.target.checked })} />
        }
        label="water boiled first, against gnats and disease"
        sx={{ display: "flex", mt: 1 }}
      />
      <Failure error={mix.error} />
      {mix.data && (
        <Box data-testid="mix" sx={{ mt: 1 }}>
          <Typography sx={{ fontWeight: 600 }}>
            {volumeOf(mix.data.looseLitres, units)} loose fill {volumeOf(mix.data.filledLitres, units)} when
            settled; about {volumeOf(mix.data.waterLitres, units)} of water to begin with.
          </Typography>
          <Typography>{mix.data.moistureTest}</Typography>
          <Why lines={mix.data.working} about="the mix" />
          <Cautions cautions={mix.data.cautions} />
        </Box>
      )}
    </Card>
  );
}

const volumeOf = (litres: number | undefined, units: ReturnType<typeof useUnits>): string =>
  litres === undefined ? "" : volume(litres, units);
