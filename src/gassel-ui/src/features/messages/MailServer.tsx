import { useState } from "react";
import { Box, Button, TextField, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { MailSecurity, MessagesView } from "../../api/types";
import { WORDS } from "../../api/words";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { ChoiceField } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";

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
        <Box
          component="form"
          sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr" } }}
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <TextField label="Server" name="host" value={host} onChange={(e) => setHost(e.target.value)} />
          <TextField label="Port" name="port" value={port} onChange={(e) => setPort(e.target.value)} />
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
          <TextField
            label="Sender address"
            name="from"
            value={from}
            onChange={(e) => setFrom(e.target.value)}
            sx={{ gridColumn: "1 / -1" }}
          />
          <TextField
            label="User"
            name="user"
            value={user}
            autoComplete="off"
            helperText="empty if the server asks for none"
            onChange={(e) => setUser(e.target.value)}
          />
          <TextField
            label="Password"
            name="password"
            type="password"
            autoComplete="new-password"
            value={password}
            helperText={server?.hasPassword ? "one is kept; type to replace it" : " "}
            onChange={(e) => setPassword(e.target.value)}
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
        </Box>
        <Failure error={error} />
      </ForRole>
    </Card>
  );
}
