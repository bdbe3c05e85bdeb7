import { useContext, useEffect, useRef } from "react";
import type { ReactNode } from "react";
import { Box } from "@mui/material";
import type { SxProps } from "@mui/material";
import { FieldsTold } from "./FieldsTold";
import { fieldOf, FormContext } from "./formProblem";

interface FormProps {
  /** Why the last sending was not accepted; null before, and after one that was. */
  error: unknown;
  send: () => void;
  children: ReactNode;
  sx?: SxProps;
}

/** For a form between the title of a dialog and its edge: its content scrolls, its actions stay. */
export const IN_DIALOG = {
  display: "flex",
  flexDirection: "column",
  minHeight: 0,
  overflow: "hidden",
} as const;

/** Fields that are sent together. What the server has against one of them stands at it, and it is brought into sight. */
export function Form({ error, ...rest }: FormProps) {
  return (
    <FieldsTold error={error}>
      <Fields {...rest} />
    </FieldsTold>
  );
}

function Fields({ send, children, sx = {} }: Omit<FormProps, "error">) {
  const form = useRef<HTMLFormElement>(null);
  const told = useContext(FormContext);
  const { problem } = told;
  const at = fieldOf(told);
  useEffect(() => {
    if (problem === null || at === null) return;
    const field = form.current?.querySelector(`[name="${CSS.escape(at)}"]`)?.closest(".MuiFormControl-root");
    field?.scrollIntoView({ block: "center" });
    field?.querySelector<HTMLElement>("input:not([aria-hidden]), textarea, [role=combobox]")?.focus();
  }, [problem, at]);
  return (
    <Box
      component="form"
      ref={form}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
      sx={sx}
    >
      {children}
    </Box>
  );
}
