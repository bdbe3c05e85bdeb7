import { createContext, useContext, useEffect, useState } from "react";
import type { Problem } from "../api/client";
import { capital } from "./words";

/** What a form was told, and which of its fields can say it. */
export interface FormTold {
  problem: Problem | null;
  /** Names of the fields that are drawn. */
  fields: Set<string>;
}

export const FormContext = createContext<FormTold>({ problem: null, fields: new Set() });

/** The last step of a path such as `settings.frostRisk` or `tests[0].seeds`. */
const lastStep = (path: string): string => path.split(".").at(-1) ?? path;

/** `settings.frostRisk was '7'; valid is …`: what the server says where nobody sees the field. */
const OF_A_FIELD = /^\S+ was .*; (valid (?:is|are) .*)$/;

/** What is said at the field itself, which shows its name and what is in it. */
export function wordsAtField(detail: string): string {
  const valid = OF_A_FIELD.exec(detail)?.[1];
  return valid === undefined ? detail : capital(valid);
}

/** The field of a form that a problem is about, by its whole path or the last step of it; null where none is drawn. */
export function fieldOf({ problem, fields }: FormTold): string | null {
  if (!problem?.field) return null;
  return [problem.field, lastStep(problem.field)].find((name) => fields.has(name)) ?? null;
}

/**
 * What the server has against a field as it stands, in its words; null for nothing. Gone as soon as the field is changed.
 *
 * @param name As the request names it.
 */
export function useFieldProblem(name: string, value: unknown): string | null {
  const told = useContext(FormContext);
  const { fields, problem } = told;
  const written = JSON.stringify(value);
  const [then, setThen] = useState({ problem, written });
  if (then.problem !== problem) setThen({ problem, written });
  useEffect(() => {
    fields.add(name);
    return () => {
      fields.delete(name);
    };
  }, [fields, name]);
  return problem && fieldOf(told) === name && then.written === written ? wordsAtField(problem.detail) : null;
}
