import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api, sendToken } from "../api/client";
import { sessionQuery } from "../book/queries";
import type { SessionView } from "../api/types";
import { forgetAnswers } from "../offline/answers";
import { useQueue } from "../offline/useQueue";
import { Failure } from "../shared/Failure";
import { several } from "../shared/numbers";
import { roleWords } from "./roles";
import { WordsField } from "../shared/WordsField";

/** Who is signed in on this device, another password, and the way out. */
export function SignedIn({ session }: { session: SessionView }) {
  const queries = useQueryClient();
  const waiting = useQueue();
  const [changing, setChanging] = useState(false);
  const [old, setOld] = useState("");
  const [fresh, setFresh] = useState("");
  const [error, setError] = useState<unknown>(null);
  const take = (next: SessionView) => {
    sendToken(next.token);
    queries.setQueryData(sessionQuery.queryKey, next);
  };
  const attempt = async (work: () => Promise<void>) => {
    setError(null);
    try {
      await work();
    } catch (refused) {
      setError(refused);
    }
  };
  const leave = () =>
    attempt(async () => {
      await answered(api.DELETE("/api/session"));
      await forgetAnswers();
      // nothing of what was read stays in the page either
      window.location.assign("/");
    });
  const change = () =>
    attempt(async () => {
      take(await answered(api.PUT("/api/session/password", { body: { old, new: fresh } })));
      setChanging(false);
      setOld("");
      setFresh("");
    });
  return (
    <Box data-testid="signed-in">
      <Typography>
        <b>{session.name}</b>, {session.role}
        {session.role && `: ${roleWords[session.role]}`}
      </Typography>
      {waiting.length > 0 && (
        <Typography variant="body2">
          {several(waiting.length, "recording waits", "recordings wait")} here and stays on this device after
          signing out.
        </Typography>
      )}
      {changing && (
        <Box sx={{ display: "grid", gap: 1.5, my: 1 }}>
          <WordsField
            label="Current password"
            name="old"
            type="password"
            autoComplete="current-password"
            value={old}
            onChange={setOld}
          />
          <WordsField
            label="New password"
            name="fresh"
            type="password"
            autoComplete="new-password"
            value={fresh}
            onChange={setFresh}
            helper="10 characters or more"
          />
        </Box>
      )}
      <Failure error={error} />
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 0.5 }}>
        {changing ? (
          <Button variant="outlined" disabled={!old || !fresh} onClick={() => void change()}>
            Save the new password
          </Button>
        ) : (
          <Button onClick={() => setChanging(true)}>Change password</Button>
        )}
        <Button onClick={() => void leave()}>Sign out</Button>
      </Box>
    </Box>
  );
}
