import { answered, api } from "../api/client";
import { entriesOf, keep } from "./keep";
import type { WaitingAct } from "./keep";

/** Keeps a picture on this device until the book has it. */
export async function keepPhoto(name: string, picture: Blob): Promise<void> {
  await (await keep()).put("photos", picture, name);
}

const photosOf = (act: WaitingAct): string[] =>
  entriesOf(act).flatMap(({ payload }) => (payload.kind === "photo" ? [payload.photo] : []));

/** Sends the pictures that the act speaks of and the book has not; they go before their entry. */
export async function sendPhotos(act: WaitingAct, signal: AbortSignal): Promise<void> {
  for (const name of photosOf(act)) {
    const picture = await (await keep()).get("photos", name);
    if (!picture) continue;
    await answered(
      api.PUT("/api/photos/{name}", {
        params: { path: { name } },
        body: (await picture.arrayBuffer()) as unknown as string,
        bodySerializer: (bytes) => bytes,
        headers: { "content-type": picture.type },
        signal,
      }),
    );
  }
}

/** The book has the act: its pictures need no place here any more. */
export async function forgetPhotos(act: WaitingAct): Promise<void> {
  for (const name of photosOf(act)) await (await keep()).delete("photos", name);
}
