import { Button } from "@mui/material";
import { Link, useParams } from "react-router";
import { useCountTrays, useSite } from "../../book/queries";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { after, roundOf } from "./round";
import { TrayCount } from "./TrayCount";

/** The tray in front of you: digits count, Enter records. */
export function Count() {
  const { id = "", part = "" } = useParams();
  const trays = useCountTrays();
  const today = useSite().data?.today;
  if (trays.error) return <Failure error={trays.error} />;
  if (!trays.data || !today) return <Loading what="the tray" />;
  const tray = trays.data.trays.find((t) => t.batchId === id && t.part === part);
  const all = roundOf(trays.data.trays);
  // a tray that is shared is met under the first of its batches
  const at = all.findIndex((t) => t === tray || t.others.some((o) => o.batchId === id && o.part === part));
  if (!tray) {
    return (
      <EmptyNote
        title="This part is not sown, or is finished"
        action={
          <Button component={Link} to={`/batches/${id}`} variant="contained">
            To the batch
          </Button>
        }
      >
        Only a sowing that is still growing can be counted. Record the sowing on Rounds first.
      </EmptyNote>
    );
  }
  return (
    <TrayCount
      key={tray.batchId + tray.part}
      tray={tray}
      next={after(all, all[at] ?? tray, today)}
      place={`${at + 1} of ${all.length}`}
      today={today}
    />
  );
}
