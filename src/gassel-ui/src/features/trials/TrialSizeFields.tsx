import { useState } from "react";
import { Box, Typography } from "@mui/material";
import { useTrialSize } from "../../book/queries";
import { SERIF } from "../../look/theme";
import { Failure } from "../../shared/Failure";
import { NumberField } from "../../shared/NumberField";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";

/** How many seeds a difference takes, and what those at hand could at best show. */
export function TrialSizeFields({ seedsAtHand }: { seedsAtHand: number | null }) {
  const [control, setControl] = useState<number | null>(50);
  const [treated, setTreated] = useState<number | null>(75);
  const size = useTrialSize(
    control === null ? null : control / 100,
    treated === null ? null : treated / 100,
    seedsAtHand,
  );
  const answer = size.data;
  return (
    <Box data-testid="trial-size">
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: "1fr 1fr", mt: 1.5 }}>
        <NumberField
          label="Control comes up"
          name="control"
          value={control}
          onChange={setControl}
          min={0}
          max={100}
          whole={false}
          unit="%"
        />
        <NumberField
          label="Smallest difference that matters"
          name="treated"
          value={treated}
          onChange={setTreated}
          min={0}
          max={100}
          whole={false}
          unit="%"
          helper={control === treated ? "another rate than the control" : " "}
        />
      </Box>
      <Failure error={size.error} />
      {answer && (
        <>
          <Typography sx={{ fontFamily: SERIF, fontWeight: 600, fontSize: "1.35rem" }}>
            {answer.seedsPerArmFisher !== null
              ? several(answer.seedsPerArmFisher, "seed")
              : answer.seedsPerArm === null
                ? "more than a thousand million seeds"
                : several(answer.seedsPerArm, "seed")}{" "}
            an arm
          </Typography>
          <Typography>
            detects it 4 times in 5
            {answer.exactPower !== null && `; with Fisher’s exact test in ${percent(answer.exactPower)}`}.
            {answer.atBest && ` ${atBestWords(answer.atBest)}`}
          </Typography>
          <Why lines={answer.working} about="the size of a trial" />
        </>
      )}
    </Box>
  );
}

const atBestWords = ({
  seedsPerArm,
  lower,
  higher,
}: {
  seedsPerArm: number;
  lower: number | null;
  higher: number | null;
}): string => {
  const ends = [
    ...(higher === null ? [] : [`${percent(higher)} or more`]),
    ...(lower === null ? [] : [`${percent(lower)} or less`]),
  ];
  return `With ${seedsPerArm} an arm only ${ends.length === 0 ? "nothing at all" : ends.join(", or ")} would be seen that often.`;
};
