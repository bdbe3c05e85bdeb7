import { useState } from "react";
import type { ReactNode } from "react";
import { Refused } from "../api/client";
import { FormContext } from "./formProblem";

/** Tells fields what the server has against one of them. `Failure` within says it where none of them is meant. */
export function FieldsTold({ error, children }: { error: unknown; children: ReactNode }) {
  const [fields] = useState(() => new Set<string>());
  const problem = error instanceof Refused ? error.problem : null;
  return <FormContext value={{ problem, fields }}>{children}</FormContext>;
}
