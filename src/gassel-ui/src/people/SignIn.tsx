import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api, sendToken } from "../api/client";
import { sessionQuery } from "../book/queries";
import type { SessionView } from "../api/types";
import { useQueue } from "../offline/useQueue";
import { Card } from "../shared/Card";
import { Failure } from "../shared/Failure";
import { several } from "../shared/numbers";
import { WordsField } from "../shared/WordsField";
import { Form } from "../shared/Form";

/** The way in over the network: by name and password, or the first time with a code. */
export function SignIn({ session }: { session: SessionView }) {
  const queries = useQueryClient();
  const waiting = useQueue();
  const [byCode, setByCode] = useState(session.ownerWanted);
  const [name, setName] = useState("");
  const [code, setCode] = useState("");
  const [password, setPassword] = useState("");
  const [error, setError] = useState<unknown>(null);
  const enter = async () => {
    setError(null);
    try {
      const entered = await answered(
        byCode
          ? api.POST("/api/session/code", { body: { name, code, password } })
          : api.POST("/api/session", { body: { name, password } }),
      );
      sendToken(entered.token);
      queries.setQueryData(sessionQuery.queryKey, entered);
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Box sx={{ maxWidth: 460, mx: "auto", mt: { xs: 1, md: 6 } }}>
      <Card label="sign in">
        <Typography variant="h1" sx={{ fontSize: "1.5rem", mb: 1 }}>
          {byCode ? "The first time, with a code" : "Who works here"}
        </Typography>
        {waiting.length > 0 && (
          <Typography sx={{ mb: 1, fontWeight: 600 }} data-testid="waits-for-sign-in">
            {several(waiting.length, "recording waits", "recordings wait")} on this device and{" "}
            {waiting.length === 1 ? "goes" : "go"} out after signing in. Nothing is lost.
          </Typography>
        )}
        <Typography variant="body2" sx={{ mb: 2 }}>
          {byCode
            ? session.ownerWanted
              ? "This book has no owner yet. The code is shown where Gassel was " +
                "started; whoever has it chooses the owner's name and password."
              : "The owner of the book has given you a name and a code. Choose " +
                "a password of your own; the code stops working then."
            : "The book is open to the local network, so it asks who you are. What you record carries your name."}
        </Typography>
        <Form sx={{ display: "grid", gap: 2 }} error={error} send={() => void enter()}>
          <WordsField
            label="Name"
            name="name"
            value={name}
            autoComplete="username"
            onChange={setName}
            autoFocus
          />
          {byCode && (
            <WordsField
              label="Code"
              name="code"
              value={code}
              autoComplete="one-time-code"
              helper="ten letters and digits, such as ABCDE-23456"
              onChange={setCode}
            />
          )}
          <WordsField
            label={byCode ? "New password" : "Password"}
            name="password"
            type="password"
            value={password}
            autoComplete={byCode ? "new-password" : "current-password"}
            helper={
              byCode ? "10 characters or more; three words one after another are easy to keep" : undefined
            }
            onChange={setPassword}
          />
          <Failure error={error} />
          <Button
            type="submit"
            variant="contained"
            size="large"
            disabled={!name.trim() || !password || (byCode && !code.trim())}
          >
            Sign in
          </Button>
          <Button onClick={() => setByCode(!byCode)}>
            {byCode ? "I have a password" : "The first time: I have a code"}
          </Button>
        </Form>
      </Card>
    </Box>
  );
}
