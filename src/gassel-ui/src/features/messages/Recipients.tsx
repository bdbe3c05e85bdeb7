import { useState } from "react";
import { Box, Button, Checkbox, FormControlLabel, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { MessagesView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { ChoiceField } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { timeOf, wishWords } from "./messageWords";
import { WordsField } from "../../shared/WordsField";
import { Form } from "../../shared/Form";

type Way = "mail" | "json" | "text";

const WAYS: [Way, string][] = [
  ["mail", "e-mail"],
  ["json", "HTTP, as JSON"],
  ["text", "HTTP, as plain text"],
];

/** Who is told, of what, and when not. */
export function Recipients({ wishes, ready }: { wishes: MessagesView["wishes"]; ready: boolean }) {
  const queries = useQueryClient();
  const { palette } = useDevice();
  const [name, setName] = useState("");
  const [mail, setMail] = useState("");
  const [way, setWay] = useState<Way>("mail");
  const [secret, setSecret] = useState("");
  const [isPrivate, setPrivate] = useState(false);
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
            mail: way === "mail" ? mail : "",
            hook:
              way === "mail"
                ? null
                : { address: mail, secret, plain: way === "text", allowPrivate: isPrivate },
            alarms,
            morningAt: timeOf(morning),
            quietFrom: timeOf(quietFrom),
            quietTo: timeOf(quietTo),
          },
        }),
      );
      setName("");
      setMail("");
      setSecret("");
    });
  return (
    <Card label="recipients">
      <Typography variant="h2" component="h1">
        Who is told
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        Alarms: a freeze over seedlings, a fridge or mat out of bounds, heat in containers, a silent
        thermometer, a soak past its hour. Each once, again if it gets worse or lasts 12 hours. In quiet hours
        only freeze, fridge and mat.
      </Typography>
      {!ready && (
        <Typography sx={{ fontWeight: 600, mb: 1 }}>No mail server yet: nobody is told by e-mail.</Typography>
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
            <b>{wish.name}</b>, {wish.hook?.address ?? wish.mail}: {wishWords(wish)}
          </Typography>
          <Button
            variant="outlined"
            disabled={!ready && wish.hook === null}
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
      <Form
        sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr 1fr" }, mt: 1.5 }}
        error={error}
        send={() => void add()}
      >
        <WordsField label="Name" name="recipient" value={name} onChange={setName} />
        <ChoiceField
          label="Told by"
          name="way"
          value={way}
          onChange={setWay}
          choices={WAYS}
          sx={{ gridColumn: { sm: "span 2" } }}
        />
        <WordsField
          label={way === "mail" ? "E-mail" : "Address"}
          name="mail"
          value={mail}
          onChange={setMail}
          sx={{ gridColumn: "1 / -1" }}
        />
        {way !== "mail" && (
          <>
            <WordsField
              label="Secret"
              name="secret"
              type="password"
              autoComplete="new-password"
              value={secret}
              helper="16 characters or more; the receiver checks the signature with it"
              onChange={setSecret}
              sx={{ gridColumn: { sm: "span 2" } }}
            />
            <FormControlLabel
              control={<Checkbox checked={isPrivate} onChange={(e) => setPrivate(e.target.checked)} />}
              label="This address is in my own network"
            />
          </>
        )}
        <WordsField
          label="Morning list at"
          name="morning"
          value={morning}
          helper="empty for none"
          onChange={setMorning}
        />
        <WordsField
          label="Quiet from"
          name="quietFrom"
          value={quietFrom}
          helper="empty for no quiet hours"
          onChange={setQuietFrom}
        />
        <WordsField label="Quiet to" name="quietTo" value={quietTo} onChange={setQuietTo} />
        <FormControlLabel
          control={<Checkbox checked={alarms} onChange={(e) => setAlarms(e.target.checked)} />}
          label="Alarms"
        />
        <Button type="submit" variant="contained" disabled={name.trim() === "" || mail.trim() === ""}>
          Add recipient
        </Button>
        <Failure error={error} />
      </Form>
    </Card>
  );
}
