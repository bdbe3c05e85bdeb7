import { openDB } from "idb";
import type { DBSchema, IDBPDatabase } from "idb";
import { answered, api } from "../api/client";
import { entriesOf } from "./keep";
import type { WaitingAct } from "./keep";

interface Pictures extends DBSchema {
  /** Pictures that the book does not have yet, by name. */
  photos: { key: string; value: Blob };
}

let opened: Promise<IDBPDatabase<Pictures>> | null = null;

/** A database of their own: that of the recordings stays as a page opened before an update knows it. */
function pictures(): Promise<IDBPDatabase<Pictures>> {
  opened ??= openDB<Pictures>("gassel-photos", 1, {
    upgrade(db) {
      db.createObjectStore("photos");
    },
    terminated() {
      opened = null;
    },
  });
  return opened;
}

/** Keeps a picture on this device until the book has it. */
export async function keepPhoto(name: string, picture: Blob): Promise<void> {
  await (await pictures()).put("photos", picture, name);
}

const photosOf = (act: WaitingAct): string[] =>
  entriesOf(act).flatMap(({ payload }) => (payload.kind === "photo" ? [payload.photo] : []));

/** Sends the pictures that the act speaks of and the book has not; they go before their entry. */
export async function sendPhotos(act: WaitingAct, signal: AbortSignal): Promise<void> {
  for (const name of photosOf(act)) {
    const picture = await (await pictures()).get("photos", name);
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
  for (const name of photosOf(act)) await (await pictures()).delete("photos", name);
}
