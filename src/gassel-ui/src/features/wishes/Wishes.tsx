import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import type { WishStart, WishView } from "../../api/types";
import { useWho } from "../../people/usePerson";
import { newId } from "../../record/newId";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { Looking } from "./Looking";
import { RoomFound } from "./RoomFound";
import { SuppliesCard } from "./SuppliesCard";
import { useRoom } from "./useRoom";
import { useWishChange, useWishes, useWishRemoval, useWishSplit } from "./useWishes";
import { WeeksCard } from "./WeeksCard";
import { WishEntry } from "./WishEntry";
import { WishChart } from "./WishChart";
import { WishRow } from "./WishRow";

/** What is wanted this winter: the list, the room for it, and the batches it becomes. */
export function Wishes() {
  const list = useWishes();
  const change = useWishChange();
  const removal = useWishRemoval();
  const splitting = useWishSplit();
  const room = useRoom();
  const who = useWho();
  const queries = useQueryClient();
  const [adding, setAdding] = useState(false);
  const [made, setMade] = useState<number[]>([]);
  const [error, setError] = useState<unknown>(null);
  if (list.error) return <Failure error={list.error} />;
  if (!list.data) return <Loading what="the wishes" />;
  const { wishes, today } = list.data;
  const starts = new Map(room.season?.starts.map((s) => [s.id, s]));
  const isReady = (wish: WishView): boolean =>
    wish.wish.lotId !== null &&
    (wish.plan?.fromLot ?? 0) > 0 &&
    !wish.wish.isAside &&
    (starts.get(wish.id)?.on ?? null) !== null;
  const ready = wishes.filter(isReady);
  const decide = (wish: WishView, part: Partial<WishView["wish"]>) => {
    room.forget();
    change.mutate({
      wish,
      pinned: part.pinned === undefined ? wish.wish.pinned : part.pinned,
      isAside: part.isAside ?? wish.wish.isAside,
    });
  };
  const make = async () => {
    setError(null);
    try {
      const answer = await answered(
        api.POST("/api/wishes/batches", {
          body: {
            who,
            starts: ready.map((wish) => ({
              wish: wish.id,
              batch: newId(),
              on: (starts.get(wish.id) as WishStart).on ?? today,
            })),
          },
        }),
      );
      setMade(answer.numbers);
      room.forget();
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          {wishes.length === 0 ? "Plan the winter from a list" : several(wishes.length, "wish", "wishes")}
        </Typography>
        {wishes.length > 0 && !adding && (
          <Button variant="outlined" onClick={() => setAdding(true)}>
            Add wishes
          </Button>
        )}
        <Button component={Link} to="/season">
          Season
        </Button>
      </Box>
      {made.length > 0 && (
        <Typography role="status" data-testid="made">
          {several(made.length, "batch", "batches")} created: B-{made[0]}
          {made.length > 1 ? ` to B-${made.at(-1)}` : ""}. They are on Season now.
        </Typography>
      )}
      {(wishes.length === 0 || adding) && (
        <WishEntry close={wishes.length > 0 ? () => setAdding(false) : null} />
      )}
      {room.season && <RoomFound season={room.season} />}
      {wishes.length > 0 && (
        <Card label="wishes">
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", mb: 1 }}>
            <Button
              variant={room.season ? "outlined" : "contained"}
              disabled={room.looking}
              onClick={() => {
                setMade([]);
                void room.look();
              }}
            >
              Find room for all
            </Button>
            {room.season && ready.length > 0 && (
              <Button variant="contained" onClick={() => void make()}>
                Create {several(ready.length, "batch", "batches")}
              </Button>
            )}
            {room.season && ready.length < room.season.starts.length && (
              <Typography variant="body2">
                {several(room.season.starts.length - ready.length, "wish", "wishes")} without seed of a lot or
                without room {room.season.starts.length - ready.length === 1 ? "stays" : "stay"} on the list.
              </Typography>
            )}
          </Box>
          {room.looking && <Looking callOff={room.callOff} />}
          <Failure error={error ?? room.error ?? change.error ?? removal.error ?? splitting.error} />
          <Box component="ul" sx={{ m: 0, p: 0 }}>
            {wishes.map((wish) => (
              <WishRow
                key={wish.id}
                wish={wish}
                start={starts.get(wish.id) ?? null}
                today={today}
                pin={(pinned) => decide(wish, { pinned })}
                setAside={(isAside) => decide(wish, { isAside })}
                split={() => {
                  room.forget();
                  splitting.mutate(wish.id);
                }}
                remove={() => {
                  room.forget();
                  removal.mutate(wish.id);
                }}
              />
            ))}
          </Box>
        </Card>
      )}
      {wishes.length > 0 && (
        <>
          <WishChart wishes={wishes} found={starts} loads={room.season?.loads ?? []} today={today} />
          <WeeksCard wishes={wishes} found={starts} today={today} />
          <SuppliesCard />
        </>
      )}
    </Box>
  );
}
