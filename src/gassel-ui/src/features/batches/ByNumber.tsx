import { Navigate, useParams } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { countTraysQuery, findQuery } from "../../book/queries";
import { Failure } from "../../shared/Failure";
import { EmptyNote } from "../../shared/EmptyNote";
import { Loading } from "../../shared/Loading";
import { placeOfCode } from "../finding/labelCode";

interface ByNumberProps {
  /** To what is likely to be done with the part; else to the page of its batch. */
  toWork?: boolean;
}

/** Where the code on a label leads, also without connection. */
export function ByNumber({ toWork = false }: ByNumberProps) {
  const { number = "", part = "1" } = useParams();
  const all = useQuery(findQuery);
  const trays = useQuery({ ...countTraysQuery, enabled: toWork });
  const error = all.error ?? trays.error;
  if (error) return <Failure error={error} />;
  if (!all.data || (toWork && !trays.data)) return <Loading what={`B-${number}`} />;
  const vessels = toWork ? all.data : all.data.filter((one) => one.kind === "batch");
  const path = placeOfCode({ number: Number(number), part }, vessels, trays.data?.trays ?? []);
  return path !== null ? (
    <Navigate to={path} replace />
  ) : (
    <EmptyNote title={`There is no batch B-${number} in this book`}>
      The label may belong to another book. Treat a label that could be a toxic one as toxic.
    </EmptyNote>
  );
}
