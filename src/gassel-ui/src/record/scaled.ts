/** Longest side of a picture that is kept, pixels. */
const LONGEST = 1600;

/** JPEG, as good as a print of a tray needs. */
const QUALITY = 0.85;

/** Size of a picture whose longest side is within the limit; never larger than it was. */
export function fitting(width: number, height: number): { width: number; height: number } {
  const by = Math.min(1, LONGEST / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * by)), height: Math.max(1, Math.round(height * by)) };
}

/**
 * Draws a picture anew, small enough: what the camera wrote into it, the place with it, stays behind.
 * @throws where this browser cannot read it.
 */
export async function scaled(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file, { imageOrientation: "from-image" }).catch(() => {
    throw new Error("This browser cannot read the picture; choose a JPEG, PNG or WebP.");
  });
  const { width, height } = fitting(picture.width, picture.height);
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, width, height);
  picture.close();
  return canvas.convertToBlob({ type: "image/jpeg", quality: QUALITY });
}

/** Its name: the sum of its bytes. */
export async function photoName(picture: Blob): Promise<string> {
  const sum = await crypto.subtle.digest("SHA-256", await picture.arrayBuffer());
  return `${[...new Uint8Array(sum)].map((byte) => byte.toString(16).padStart(2, "0")).join("")}.jpg`;
}
