import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { MailSecurity, MessagesView } from "../../api/types";
import { WORDS } from "../../api/words";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { ChoiceField } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { WordsField } from "../../shared/WordsField";
import { Form } from "../../shared/Form";

const SECURITIES = Object.entries(WORDS.MailSecurity) as [MailSecurity, string][];
const PORTS: Record<MailSecurity, string> = { startTls: "587", tls: "465", none: "25" };

/** The server that sends; its password is kept and never shown. */
export function MailServer({ server }: { server: MessagesView["server"] }) {
  const queries = useQueryClient();
  const [host, setHost] = useState(server?.host ?? "");
  const [port, setPort] = useState(String(server?.port ?? PORTS.startTls));
  const [security, setSecurity] = useState<MailSecurity>(server?.security ?? "startTls");
  const [from, setFrom] = useState(server?.from ?? "");
  const [user, setUser] = useState(server?.user ?? "");
  const [password, setPassword] = useState("");
  const [saved, setSaved] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const save = async () => {
    setError(null);
    setSaved(false);
    try {
      await answered(
        api.PUT("/api/messages/server", {
          body: {
            host,
            port: Number(port) || 0,
            security,
            from,
            user: user || null,
            password: password || null,
          },
        }),
      );
      setSaved(true);
      setPassword("");
      await queries.invalidateQueries({ queryKey: ["messages"] });
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Card label="mail server">
      <Typography variant="h2">Mail server</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        The account that sends. Your mail provider lists these settings under SMTP.
      </Typography>
      <ForRole role="owner" otherwise="Only the owner can change this.">
        <Form
          sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr" } }}
          error={error}
          send={() => void save()}
        >
          <WordsField label="Server" name="host" value={host} onChange={setHost} />
          <WordsField label="Port" name="port" value={port} onChange={setPort} />
          <ChoiceField
            label="Encryption"
            name="security"
            value={security}
            onChange={(chosen) => {
              setSecurity(chosen);
              setPort(PORTS[chosen]);
            }}
            choices={SECURITIES}
            sx={{ gridColumn: "1 / -1" }}
          />
          <WordsField
            label="Sender address"
            name="from"
            value={from}
            onChange={setFrom}
            sx={{ gridColumn: "1 / -1" }}
          />
          <WordsField
            label="User"
            name="user"
            value={user}
            autoComplete="off"
            helper="empty if the server asks for none"
            onChange={setUser}
          />
          <WordsField
            label="Password"
            name="password"
            type="password"
            autoComplete="new-password"
            value={password}
            helper={server?.hasPassword ? "one is kept; type to replace it" : " "}
            onChange={setPassword}
          />
          <Box>
            <Button type="submit" variant="contained" disabled={host.trim() === "" || from.trim() === ""}>
              Save server
            </Button>
            {saved && (
              <Typography component="span" data-testid="server-saved">
                {" "}
                Saved.
              </Typography>
            )}
          </Box>
          <Failure error={error} />
        </Form>
      </ForRole>
    </Card>
  );
}
