import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { SendingThermometer } from "../../api/types";
import { WORDS } from "../../api/words";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { useUnits } from "../../shared/units";
import { readingLine } from "./readingLine";
import { ReadingLine } from "./ReadingLine";
import { WordsField } from "../../shared/WordsField";
import { Form } from "../../shared/Form";

/** How a thermometer sends: another token for one that was lost, and the topic it is heard on by MQTT. */
export function Sending({ thermometer, close }: { thermometer: SendingThermometer; close: () => void }) {
  const queries = useQueryClient();
  const units = useUnits();
  const [topic, setTopic] = useState(thermometer.topic ?? "");
  const [path, setPath] = useState(thermometer.tempPath ?? "");
  const [unit, setUnit] = useState(thermometer.unit);
  const [token, setToken] = useState<string | null>(null);
  const [error, setError] = useState<unknown>(null);
  const params = { path: { id: thermometer.id } };
  const attempt = async (work: () => Promise<void>) => {
    setError(null);
    try {
      await work();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Box sx={{ flex: "1 1 100%", display: "grid", gap: 1.5 }} data-testid={`sending-${thermometer.series}`}>
      <Form
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "1fr", sm: "2fr 2fr 1fr auto" },
          alignItems: "start",
        }}
        error={error}
        send={() =>
          void attempt(async () => {
            await answered(
              api.PUT("/api/thermometers/{id}/topic", {
                params,
                body: { topic: topic.trim() || null, tempPath: path.trim() || null, unit },
              }),
            );
            await queries.invalidateQueries({ queryKey: ["thermometers"] });
            close();
          })
        }
      >
        <WordsField
          label="MQTT topic"
          name="topic"
          value={topic}
          onChange={setTopic}
          helper="empty if it sends by HTTP"
        />
        <WordsField
          label="Field of the message"
          name="tempPath"
          value={path}
          onChange={setPath}
          helper="such as temperature; empty if the message is the number"
        />
        <ChoiceField
          label="In"
          name="topicUnit"
          value={unit}
          onChange={setUnit}
          choices={wordsOf(WORDS.TemperatureUnit)}
        />
        <Button type="submit" variant="contained" sx={{ minHeight: 56 }}>
          Save topic
        </Button>
        <Failure error={error} />
      </Form>
      {token === null ? (
        <Typography>
          Token lost?{" "}
          <Button
            onClick={() =>
              void attempt(async () => {
                const made = await answered(api.POST("/api/thermometers/{id}/token", { params }));
                setToken(made.token);
              })
            }
          >
            Make a new token
          </Button>{" "}
          The old one stops working.
        </Typography>
      ) : (
        <ReadingLine line={readingLine(window.location.origin, thermometer.id, token, units)} />
      )}
      <Box>
        <Button onClick={close}>Close</Button>
      </Box>
    </Box>
  );
}
