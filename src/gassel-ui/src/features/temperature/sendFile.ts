import { Refused, tokenHeader } from "../../api/client";
import type { Problem } from "../../api/client";

interface Sending<T> {
  answer: Promise<T>;
  /** Breaks it off; the server keeps nothing of it. */
  cancel: () => void;
}

/** Sends a file and tells how much of it has gone, which fetch cannot. */
export function sendFile<T>(path: string, file: Blob, progress: (share: number) => void): Sending<T> {
  const request = new XMLHttpRequest();
  const answer = new Promise<T>((resolve, reject) => {
    const refuse = (problem: Partial<Problem>) =>
      reject(
        new Refused({
          status: request.status,
          title: "Not accepted",
          detail: "The server gave no reason.",
          ...problem,
        }),
      );
    request.upload.onprogress = (event) => {
      if (event.lengthComputable) progress(event.loaded / event.total);
    };
    request.onabort = () =>
      refuse({ status: 0, title: "Stopped", detail: "Stopped; nothing of the file was kept." });
    request.onerror = () =>
      refuse({
        status: 0,
        title: "No answer",
        detail: "The connection was lost; nothing of the file was kept.",
      });
    request.onload = () => {
      let body: unknown = null;
      try {
        body = JSON.parse(request.responseText);
      } catch {
        // no JSON: told as a refusal without a reason
      }
      if (request.status === 200) resolve(body as T);
      else refuse((body ?? {}) as Partial<Problem>);
    };
    request.open("POST", path);
    request.setRequestHeader("content-type", "text/csv");
    const header = tokenHeader();
    if (header) request.setRequestHeader(header[0], header[1]);
    request.send(file);
  });
  return { answer, cancel: () => request.abort() };
}

const PIECE = 256 * 1024;

/** The first rows of a file: a piece of it up to the end of a line. */
export async function firstRows(file: Blob): Promise<Blob> {
  if (file.size <= PIECE) return file;
  const bytes = new Uint8Array(await file.slice(0, PIECE).arrayBuffer());
  const end = bytes.lastIndexOf(10);
  return new Blob([bytes.slice(0, end < 0 ? bytes.length : end + 1)]);
}
