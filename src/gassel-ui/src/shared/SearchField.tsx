import { useEffect, useState } from "react";
import { TextField } from "@mui/material";
import type { SxProps } from "@mui/material";

interface SearchFieldProps {
  label: string;
  name: string;
  value: string;
  ask: (text: string) => void;
  size?: "small" | "medium";
  sx?: SxProps;
}

/** Letters are asked for once the fingers rest so long. */
const REST_MS = 200;

/** Words by which a list is narrowed as they are typed. */
export function SearchField({ label, name, value, ask, size = "medium", sx }: SearchFieldProps) {
  const [text, setText] = useState(value);
  const [told, setTold] = useState(value);
  // asked otherwise from elsewhere, as by a button that asks for nothing
  if (told !== value) {
    setTold(value);
    setText(value);
  }
  useEffect(() => {
    if (text === value) return;
    const resting = setTimeout(() => {
      setTold(text);
      ask(text);
    }, REST_MS);
    return () => clearTimeout(resting);
  }, [text, value, ask]);
  return (
    <TextField
      size={size}
      label={label}
      name={name}
      value={text}
      onChange={(event) => setText(event.target.value)}
      {...(sx ? { sx } : {})}
    />
  );
}
