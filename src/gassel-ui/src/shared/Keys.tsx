import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState } from "react";
import type { ReactNode } from "react";
import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  Table,
  TableBody,
  TableCell,
  TableRow,
} from "@mui/material";

/** A key of a view. `key` is matched as the browser names it; `shown` is how it is told. */
export interface ViewKey {
  key: string;
  shown: string;
  does: string;
  run: () => void;
}

interface KeysBoard {
  lay: (keys: ViewKey[]) => () => void;
  show: () => void;
}

const KeysContext = createContext<KeysBoard | null>(null);

export function useKeysHelp(): () => void {
  const board = useContext(KeysContext);
  if (!board) throw new Error("useKeysHelp outside KeysProvider");
  return board.show;
}

/** Keys that work while the view is open and nothing is being typed. */
export function useKeys(keys: ViewKey[]): void {
  const board = useContext(KeysContext);
  useEffect(() => board?.lay(keys), [board, keys]);
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest("input, textarea, select, [contenteditable], [role=listbox]") !== null;

interface KeysProviderProps {
  children: ReactNode;
  /** What the page is for, above its keys. */
  about?: (close: () => void) => ReactNode;
}

export function KeysProvider({ children, about }: KeysProviderProps) {
  const [help, setHelp] = useState<ViewKey[] | null>(null);
  const laid = useRef<ViewKey[][]>([]);

  const lay = useCallback((keys: ViewKey[]) => {
    laid.current = [...laid.current, keys];
    return () => {
      laid.current = laid.current.filter((other) => other !== keys);
    };
  }, []);

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (event.key === "?") {
        setHelp(laid.current.flat());
        return;
      }
      if (document.querySelector("[role=dialog]")) return;
      const found = laid.current.flat().find((key) => key.key === event.key);
      if (!found) return;
      event.preventDefault();
      found.run();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, []);

  const board = useMemo(() => ({ lay, show: () => setHelp(laid.current.flat()) }), [lay]);
  return (
    <KeysContext.Provider value={board}>
      {children}
      {help && <KeysHelp keys={help} about={about} close={() => setHelp(null)} />}
    </KeysContext.Provider>
  );
}

interface KeysHelpProps {
  keys: ViewKey[];
  about: KeysProviderProps["about"];
  close: () => void;
}

function KeysHelp({ keys, about, close }: KeysHelpProps) {
  const rows = [...keys, { key: "?", shown: "?", does: "show what this page is for, and its keys" }];
  return (
    <Dialog open onClose={close} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">This page and its keys</DialogTitle>
      <DialogContent>
        {about?.(close)}
        <Table size="small">
          <TableBody>
            {rows.map((row) => (
              <TableRow key={row.key + row.does}>
                <TableCell sx={{ fontWeight: 700, whiteSpace: "nowrap" }}>{row.shown}</TableCell>
                <TableCell>{row.does}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
