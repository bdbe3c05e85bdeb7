import type { KeyboardEvent } from "react";
import { useDevice } from "../look/DeviceContext";

/** What is drawn in a cell. */
export interface CellMark {
  /** Seedlings standing. */
  standing?: number;
  lost?: number;
  /** Typed and not yet recorded: new, lost. */
  fresh?: { emerged: number; lost: number };
  /** Not to be touched: another batch, or nothing. */
  taken?: boolean;
  /** One of those that are meant. */
  chosen?: boolean;
  /** Written small in the corner. */
  note?: string;
}

interface TrayPlanProps {
  grid: { columns: number; cells: number };
  mark: (cell: number) => CellMark;
  /** The cell the keys go to. */
  cursor?: number | null;
  onTouch?: (cell: number) => void;
  label: string;
  /** Drawn on its side, so that its cells are wide enough for a thumb: the first row runs down the left. */
  turned?: boolean;
}

const SIZE = 44;

/** A tray from above, cell by cell. With onTouch every free cell can be touched. */
export function TrayPlan({ grid, mark, cursor = null, onTouch, label, turned = false }: TrayPlanProps) {
  const { palette: p } = useDevice();
  const rows = Math.ceil(grid.cells / grid.columns);
  const [across, down] = turned ? [rows, grid.columns] : [grid.columns, rows];
  const press = (event: KeyboardEvent, cell: number) => {
    if (event.key !== " ") return;
    event.preventDefault();
    onTouch?.(cell);
  };
  return (
    <svg
      viewBox={`-2 -2 ${across * SIZE + 4} ${down * SIZE + 4}`}
      width="100%"
      style={{ maxWidth: across * 54, display: "block", touchAction: "manipulation" }}
      role={onTouch ? "group" : "img"}
      aria-label={label}
    >
      {Array.from({ length: grid.cells }, (_, i) => i + 1).map((cell) => {
        const [along, row] = [
          ((cell - 1) % grid.columns) * SIZE,
          Math.floor((cell - 1) / grid.columns) * SIZE,
        ];
        const [x, y] = turned ? [row, along] : [along, row];
        const m = mark(cell);
        const fresh = m.fresh && (m.fresh.emerged > 0 || m.fresh.lost > 0) ? m.fresh : null;
        const up = (m.standing ?? 0) > 0;
        const touchable = onTouch && !m.taken;
        return (
          <g
            key={cell}
            transform={`translate(${x},${y})`}
            data-testid={`cell-${cell}`}
            {...(touchable && {
              role: "button",
              "aria-label":
                `cell ${cell}${up ? `, ${m.standing} standing` : ""}` +
                `${fresh ? `, ${fresh.emerged} new, ${fresh.lost} lost` : ""}`,
              "aria-pressed": m.chosen ?? fresh !== null,
              tabIndex: cursor === null || cursor === cell ? 0 : -1,
              onClick: () => onTouch(cell),
              onKeyDown: (event: KeyboardEvent) => press(event, cell),
              style: { cursor: "pointer" },
            })}
          >
            <rect
              x={2}
              y={2}
              width={SIZE - 4}
              height={SIZE - 4}
              rx={7}
              fill={m.taken ? p.paper : up || m.chosen ? p.wash.germinate : p.card}
              stroke={cursor === cell || m.chosen ? p.slate : p.line}
              strokeWidth={cursor === cell || m.chosen ? 4 : 1.5}
              strokeDasharray={m.taken ? "3 4" : undefined}
            />
            {up && !fresh && <Seedlings many={m.standing ?? 0} colour={p.lichen} ink={p.ink} />}
            {!up && !fresh && (m.lost ?? 0) > 0 && (
              <path d="M16 16l12 12m0-12l-12 12" stroke={p.clay} strokeWidth={2.4} />
            )}
            {fresh && (
              <text x={SIZE / 2} y={29} textAnchor="middle" fontSize={20} fontWeight={700} fill={p.ink}>
                {fresh.emerged > 0 ? `+${fresh.emerged}` : `−${fresh.lost}`}
              </text>
            )}
            {m.note && (
              <text x={SIZE / 2} y={28} textAnchor="middle" fontSize={15} fontWeight={600} fill={p.ink}>
                {m.note}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

function Seedlings({ many, colour, ink }: { many: number; colour: string; ink: string }) {
  const shoot = "M0 8V-2m0 3q-4-1-5-5m5 4q4-1 5-5";
  return (
    <>
      <path
        d={shoot}
        transform={`translate(${many > 1 ? 14 : 22},23)`}
        stroke={colour}
        strokeWidth={2.4}
        fill="none"
      />
      {many > 1 && (
        <text x={30} y={28} textAnchor="middle" fontSize={16} fontWeight={700} fill={ink}>
          {many}
        </text>
      )}
    </>
  );
}
