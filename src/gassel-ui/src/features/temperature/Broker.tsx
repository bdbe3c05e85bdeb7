import { useState } from "react";
import { Box, Button, Checkbox, FormControlLabel, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { BrokerView } from "../../api/types";
import { useBroker, useSite } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import type { Day } from "../../time/days";
import { momentWords } from "../../time/moments";
import { WordsField } from "../../shared/WordsField";
import { Form } from "../../shared/Form";

/** The MQTT broker that thermometers send through, and how it does. */
export function Broker() {
  const broker = useBroker().data;
  const site = useSite().data;
  if (!broker || !site) return null;
  return <BrokerForm key={broker.host ?? ""} broker={broker} timeZone={site.timeZone} today={site.today} />;
}

function BrokerForm({ broker, timeZone, today }: { broker: BrokerView; timeZone: string; today: Day }) {
  const queries = useQueryClient();
  const { palette } = useDevice();
  const [open, setOpen] = useState(false);
  const [host, setHost] = useState(broker.host ?? "");
  const [port, setPort] = useState(String(broker.port ?? 1883));
  const [tls, setTls] = useState(broker.tls);
  const [user, setUser] = useState(broker.user ?? "");
  const [password, setPassword] = useState("");
  const [error, setError] = useState<unknown>(null);
  const attempt = async (work: () => Promise<unknown>) => {
    setError(null);
    try {
      await work();
      setOpen(false);
      await queries.invalidateQueries({ queryKey: ["broker"] });
    } catch (refused) {
      setError(refused);
    }
  };
  const body = { host, port: Number(port) || 0, tls, user: user || null, password: password || null };
  return (
    <Card label="MQTT broker">
      <Typography variant="h2">MQTT broker</Typography>
      <Typography
        data-testid="broker-state"
        sx={broker.fault ? { color: palette.alarm, fontWeight: 600 } : {}}
      >
        {stateWords(broker, timeZone, today)}
      </Typography>
      {broker.lastRefused && (
        <Typography variant="body2">Last message that was no reading: {broker.lastRefused}.</Typography>
      )}
      <ForRole role="owner">
        {open ? (
          <Form
            sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr" }, mt: 1.5 }}
            error={error}
            send={() => void attempt(() => answered(api.PUT("/api/broker", { body })))}
          >
            <WordsField
              label="Broker"
              name="broker"
              value={host}
              onChange={setHost}
              helper="name or address"
            />
            <WordsField label="Port" name="brokerPort" value={port} onChange={setPort} />
            <WordsField
              label="User"
              name="brokerUser"
              value={user}
              autoComplete="off"
              helper="empty if it asks for none"
              onChange={setUser}
            />
            <WordsField
              label="Password"
              name="brokerPassword"
              type="password"
              autoComplete="new-password"
              value={password}
              helper={broker.hasPassword ? "one is kept; type to replace it" : " "}
              onChange={setPassword}
            />
            <FormControlLabel
              control={
                <Checkbox
                  checked={tls}
                  onChange={(e) => {
                    setTls(e.target.checked);
                    setPort(e.target.checked ? "8883" : "1883");
                  }}
                />
              }
              label="Encrypted (TLS)"
            />
            <Box sx={{ gridColumn: "1 / -1", display: "flex", gap: 1 }}>
              <Button type="submit" variant="contained" disabled={host.trim() === ""}>
                Save broker
              </Button>
              {broker.host !== null && (
                <Button onClick={() => void attempt(() => answered(api.DELETE("/api/broker")))}>
                  Use none
                </Button>
              )}
              <Button onClick={() => setOpen(false)}>Cancel</Button>
            </Box>
            <Failure error={error} />
          </Form>
        ) : (
          <Button variant="outlined" sx={{ mt: 1 }} onClick={() => setOpen(true)}>
            {broker.host === null ? "Set up a broker" : "Change"}
          </Button>
        )}
      </ForRole>
    </Card>
  );
}

function stateWords(broker: BrokerView, timeZone: string, today: Day): string {
  if (broker.host === null) return "None. Thermometers can also send through MQTT.";
  if (!broker.connected)
    return `${broker.host} is not connected${broker.fault ? `: ${broker.fault}` : "; trying"}.`;
  const last = broker.lastMessageAt
    ? `, last reading ${momentWords(broker.lastMessageAt, timeZone, today)}`
    : ", no reading yet";
  return `Connected to ${broker.host}${last}.`;
}
