import { Navigate, useParams } from "react-router";
import { useBatches } from "../../book/queries";
import { Failure } from "../../shared/Failure";
import { EmptyNote } from "../../shared/EmptyNote";
import { Loading } from "../../shared/Loading";

/** Where the code on a label leads: from the number of a batch to its page. */
export function ByNumber() {
  const { number = "" } = useParams();
  const batches = useBatches();
  if (batches.error) return <Failure error={batches.error} />;
  if (!batches.data) return <Loading what={`B-${number}`} />;
  const batch = batches.data.find((b) => String(b.number) === number);
  return batch ? (
    <Navigate to={`/batches/${batch.id}`} replace />
  ) : (
    <EmptyNote title={`There is no batch B-${number} in this book`}>
      The label may belong to another book. Treat a label that could be a toxic one as toxic.
    </EmptyNote>
  );
}
