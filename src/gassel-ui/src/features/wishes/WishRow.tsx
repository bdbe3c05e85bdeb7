import { Box, Button, Typography } from "@mui/material";
import type { WishStart, WishView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";

interface WishRowProps {
  wish: WishView;
  /** As the season was solved; null before. */
  start: WishStart | null;
  today: Day;
  pin: (day: Day | null) => void;
  setAside: (aside: boolean) => void;
  /** Half of it some weeks later, as insurance. */
  split: () => void;
  remove: () => void;
}

/** A wish: what is wanted, when it starts, whether there is seed. */
export function WishRow({ wish, start, today, pin, setAside, split, remove }: WishRowProps) {
  const { palette } = useDevice();
  const { pinned, isAside } = wish.wish;
  const { plan } = wish;
  const day = start?.on ?? pinned ?? plan?.start.usual ?? null;
  const name = `W-${wish.number} ${wish.commonName}`;
  const ready = start?.ready ?? plan?.finish;
  const late = start ? start.late : plan?.late;
  return (
    <Box
      component="li"
      data-testid={`wish-${wish.number}`}
      sx={{
        listStyle: "none",
        borderTop: `1px solid ${palette.line}`,
        py: 1,
        display: "grid",
        gap: 0.5,
        gridTemplateColumns: { xs: "1fr", md: "minmax(0, 1fr) auto" },
        alignItems: "start",
      }}
    >
      <Box>
        <Typography component="h2" variant="h3">
          {name}: {several(wish.wish.plants, "plant")}
          {wish.wish.for ? ` for ${wish.wish.for}` : ""}
        </Typography>
        {plan === null ? (
          <Typography sx={{ display: "flex", gap: 0.75 }}>
            <AlarmMark />
            {wish.refused}
          </Typography>
        ) : isAside ? (
          <Typography>Set aside: it takes no room this winter.</Typography>
        ) : (
          <>
            <Typography>
              {start && start.on === null ? (
                <strong>{start.words}</strong>
              ) : (
                <>
                  <strong>Start {day ? shortDay(day, today) : ""}</strong>
                  {pinned ? ", pinned" : ""}
                  {ready ? `; plants about ${shortDay(ready, today)}` : ""}
                  {late ? <strong>, {late}</strong> : "."}
                  {start && start.movedDays !== 0 ? ` ${start.words}` : ""}
                </>
              )}
            </Typography>
            <Typography variant="body2">
              {plan.seedWords} By the route &ldquo;{plan.routeName}&rdquo;.
              {plan.room && !(start && start.movedDays !== 0) ? ` Room: ${plan.room}.` : ""}
            </Typography>
          </>
        )}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, alignItems: "center" }}>
        {plan && !isAside && day && (
          <Button
            aria-label={`${pinned ? "Unpin" : "Pin this day"}: ${name}`}
            onClick={() => pin(pinned ? null : day)}
          >
            {pinned ? "Unpin" : "Pin this day"}
          </Button>
        )}
        <Button
          aria-label={`${isAside ? "Take back" : "Set aside"}: ${name}`}
          onClick={() => setAside(!isAside)}
        >
          {isAside ? "Take back" : "Set aside"}
        </Button>
        {!isAside && wish.wish.plants > 1 && (
          <Button aria-label={`Split in two: ${name}`} onClick={split}>
            Split in two
          </Button>
        )}
        <Button aria-label={`Remove: ${name}`} onClick={remove}>
          Remove
        </Button>
        {plan && <Why lines={plan.working} about={name} />}
      </Box>
    </Box>
  );
}
