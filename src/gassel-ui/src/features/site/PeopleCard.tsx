import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { PersonView, Role } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { ROLES, roleWords } from "../../people/roles";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { actDay } from "../../time/days";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField } from "../../shared/ChoiceField";

/** Who comes in over the network, and with which rights. */
export function PeopleCard() {
  const queries = useQueryClient();
  const { palette } = useDevice();
  const people = useQuery({
    queryKey: ["people"],
    queryFn: async () => (await answered(api.GET("/api/people"))) as PersonView[],
  });
  const [name, setName] = useState("");
  const [role, setRole] = useState<Role>("volunteer");
  const [code, setCode] = useState<{ name: string; code: string } | null>(null);
  // who knew the calendar's address when it was withdrawn
  const [knew, setKnew] = useState<string | null>(null);
  const [error, setError] = useState<unknown>(null);
  const attempt = async (work: () => Promise<void>) => {
    setError(null);
    try {
      await work();
      await queries.invalidateQueries({ queryKey: ["people"] });
    } catch (refused) {
      setError(refused);
    }
  };
  const add = () =>
    attempt(async () => {
      const added = await answered(api.POST("/api/people", { body: { name, role } }));
      setCode({ name: added.person.name, code: added.code });
      setName("");
    });
  const renew = (person: PersonView) =>
    attempt(async () => {
      const fresh = await answered(
        api.POST("/api/people/{id}/code", { params: { path: { id: person.id } } }),
      );
      setCode({ name: person.name, code: fresh.code });
    });
  const change = (person: PersonView, to: { role: Role; left: boolean }) =>
    attempt(async () => {
      const changed = await answered(
        api.PUT("/api/people/{id}", { params: { path: { id: person.id } }, body: to }),
      );
      setKnew(changed.calendarEnded ? person.name : null);
    });
  if (!people.data) return <Failure error={people.error} />;
  return (
    <Card label="people">
      <Typography variant="h2">People</Typography>
      <Typography variant="body2" sx={{ color: palette.ink2, mb: 1 }}>
        Needed once the book is open to the network. {ROLES.map((r) => `${r}: ${roleWords[r]}`).join(" · ")}
      </Typography>
      {people.data.map((person) => (
        <Box
          key={person.id}
          data-testid={`person-${person.name}`}
          sx={{
            display: "flex",
            alignItems: "center",
            flexWrap: "wrap",
            columnGap: 1,
            borderTop: `1px solid ${palette.line}`,
            py: 0.5,
          }}
        >
          <Typography sx={{ flex: "1 1 10em", textDecoration: person.left ? "line-through" : "none" }}>
            <b>{person.name}</b>
            <Typography component="span" variant="body2" sx={{ display: "block" }}>
              {person.left
                ? "removed; the name stays with the entries"
                : person.codeUntil
                  ? `has a code, good until ${actDay(person.codeUntil.slice(0, 10))}`
                  : person.hasPassword
                    ? "signs in with a password"
                    : "has no code and no password"}
            </Typography>
          </Typography>
          {!person.left && (
            <ChoiceField
              size="small"
              label={`role of ${person.name}`}
              name={`role-${person.id}`}
              value={person.role}
              onChange={(role) => void change(person, { role, left: false })}
              choices={ROLES.map((r) => [r, r])}
            />
          )}
          {!person.left && <Button onClick={() => void renew(person)}>New code</Button>}
          <Button onClick={() => void change(person, { role: person.role, left: !person.left })}>
            {person.left ? "Restore" : "Remove"}
          </Button>
        </Box>
      ))}
      {code && (
        <Typography sx={{ my: 1 }} data-testid="code">
          Code for <b>{code.name}</b>, shown this once and good for a week:{" "}
          <Typography
            component="span"
            sx={{ fontWeight: 700, fontSize: "1.3rem", whiteSpace: "nowrap", letterSpacing: "0.05em" }}
          >
            {code.code}
          </Typography>
        </Typography>
      )}
      {knew !== null && (
        <Typography role="status" sx={{ my: 1 }} data-testid="calendar-ended">
          {knew} knew the address of the calendar’s feed, so it was withdrawn. Make a new one under Season.
        </Typography>
      )}
      <Failure error={error} />
      <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap", mt: 1 }}>
        <WordsField
          label="Name"
          name="person"
          size="small"
          value={name}
          onChange={setName}
          sx={{ flex: "1 1 9em" }}
        />
        <ChoiceField
          label="Role"
          size="small"
          name="personRole"
          value={role}
          onChange={setRole}
          sx={{ minWidth: 120 }}
          choices={ROLES.map((r) => [r, r])}
        />
        <Button variant="outlined" disabled={!name.trim() || name.length > 40} onClick={() => void add()}>
          Add
        </Button>
      </Box>
    </Card>
  );
}
