import { useState } from "react";
import { Box, Button, Checkbox, FormControlLabel, TextField, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { MessagesView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { timeOf, wishWords } from "./messageWords";

/** Who is told, of what, and when not. */
export function Recipients({ wishes, ready }: { wishes: MessagesView["wishes"]; ready: boolean }) {
  const queries = useQueryClient();
  const { palette } = useDevice();
  const [name, setName] = useState("");
  const [mail, setMail] = useState("");
  const [alarms, setAlarms] = useState(true);
  const [morning, setMorning] = useState("06:00");
  const [quietFrom, setQuietFrom] = useState("22:00");
  const [quietTo, setQuietTo] = useState("06:00");
  const [error, setError] = useState<unknown>(null);
  const attempt = async (work: () => Promise<unknown>) => {
    setError(null);
    try {
      await work();
      await queries.invalidateQueries({ queryKey: ["messages"] });
    } catch (refused) {
      setError(refused);
    }
  };
  const add = () =>
    attempt(async () => {
      await answered(
        api.POST("/api/messages/wishes", {
          body: {
            name,
            mail,
            alarms,
            morningAt: timeOf(morning),
            quietFrom: timeOf(quietFrom),
            quietTo: timeOf(quietTo),
          },
        }),
      );
      setName("");
      setMail("");
    });
  return (
    <Card label="recipients">
      <Typography variant="h2">Who is told</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        Alarms: a freeze over seedlings, a fridge or mat out of bounds, heat in containers, a silent
        thermometer. Each once, again if it gets worse or lasts 12 hours. In quiet hours only freeze, fridge
        and mat.
      </Typography>
      {!ready && (
        <Typography sx={{ fontWeight: 600, mb: 1 }}>No mail server yet: nobody is told anything.</Typography>
      )}
      {wishes.map(({ id, wish }) => (
        <Box
          key={id}
          data-testid={`recipient-${id}`}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            alignItems: "center",
            gap: 1,
            py: 0.5,
            borderTop: `1px solid ${palette.line}`,
          }}
        >
          <Typography sx={{ flex: "1 1 16em" }}>
            <b>{wish.name}</b>, {wish.mail}: {wishWords(wish)}
          </Typography>
          <Button
            variant="outlined"
            disabled={!ready}
            onClick={() =>
              void attempt(() =>
                answered(api.POST("/api/messages/wishes/{id}/test", { params: { path: { id } } })),
              )
            }
          >
            Send a test
          </Button>
          <Button
            onClick={() =>
              void attempt(() =>
                answered(api.DELETE("/api/messages/wishes/{id}", { params: { path: { id } } })),
              )
            }
          >
            Remove
          </Button>
        </Box>
      ))}
      <Box
        component="form"
        sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr 1fr" }, mt: 1.5 }}
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <TextField label="Name" name="recipient" value={name} onChange={(e) => setName(e.target.value)} />
        <TextField
          label="E-mail"
          name="mail"
          value={mail}
          onChange={(e) => setMail(e.target.value)}
          sx={{ gridColumn: { sm: "span 2" } }}
        />
        <TextField
          label="Morning list at"
          name="morning"
          value={morning}
          helperText="empty for none"
          onChange={(e) => setMorning(e.target.value)}
        />
        <TextField
          label="Quiet from"
          name="quietFrom"
          value={quietFrom}
          helperText="empty for no quiet hours"
          onChange={(e) => setQuietFrom(e.target.value)}
        />
        <TextField
          label="Quiet to"
          name="quietTo"
          value={quietTo}
          onChange={(e) => setQuietTo(e.target.value)}
        />
        <FormControlLabel
          control={<Checkbox checked={alarms} onChange={(e) => setAlarms(e.target.checked)} />}
          label="Alarms"
        />
        <Button type="submit" variant="contained" disabled={name.trim() === "" || mail.trim() === ""}>
          Add recipient
        </Button>
      </Box>
      <Failure error={error} />
    </Card>
  );
}
