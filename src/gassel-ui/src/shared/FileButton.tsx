import { useRef } from "react";
import type { ReactNode } from "react";
import { Button } from "@mui/material";
import type { SxProps } from "@mui/material";

interface FileButtonProps {
  /** What may be chosen, as the browser names it: `.csv,text/csv`. */
  accept: string;
  take: (file: File) => void;
  /** Test id of the field itself. */
  testId: string;
  /** A phone opens its camera at once. */
  camera?: boolean;
  variant?: "contained" | "outlined";
  disabled?: boolean;
  children: ReactNode;
  sx?: SxProps;
}

/** A button that asks for a file; the same one may be chosen again. */
export function FileButton(props: FileButtonProps) {
  const {
    accept,
    take,
    testId,
    camera = false,
    variant = "outlined",
    disabled = false,
    children,
    sx,
  } = props;
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        variant={variant}
        disabled={disabled}
        onClick={() => field.current?.click()}
        {...(sx ? { sx } : {})}
      >
        {children}
      </Button>
      <input
        ref={field}
        type="file"
        accept={accept}
        {...(camera ? { capture: "environment" as const } : {})}
        hidden
        data-testid={testId}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) take(file);
        }}
      />
    </>
  );
}
