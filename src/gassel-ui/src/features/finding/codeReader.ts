/** Reads one QR code out of a picture; null where none is seen. */
export type CodeReader = (picture: ImageBitmapSource & CanvasImageSource) => Promise<string | null>;

interface NativeDetector {
  detect: (picture: ImageBitmapSource) => Promise<{ rawValue: string }[]>;
}

type Detectors = {
  new (options: { formats: string[] }): NativeDetector;
  getSupportedFormats: () => Promise<string[]>;
};

/** Longest side of a picture that is searched, pixels: a code in the hand is large, and a phone is quick so. */
const LONGEST = 960;

/** What the browser brings along where it reads QR codes, else the reader that ships with the program. */
export async function codeReader(): Promise<CodeReader> {
  const native = (globalThis as { BarcodeDetector?: Detectors }).BarcodeDetector;
  if (native && (await native.getSupportedFormats().catch((): string[] => [])).includes("qr_code")) {
    const detector = new native({ formats: ["qr_code"] });
    return async (picture) => (await detector.detect(picture))[0]?.rawValue ?? null;
  }
  const { default: read } = await import("jsqr");
  const canvas = document.createElement("canvas");
  const pen = canvas.getContext("2d", { willReadFrequently: true });
  return (picture) => {
    const { width, height } = sizeOf(picture);
    const by = Math.min(1, LONGEST / Math.max(width, height));
    canvas.width = Math.round(width * by);
    canvas.height = Math.round(height * by);
    if (!pen || canvas.width === 0 || canvas.height === 0) return Promise.resolve(null);
    pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const { data } = pen.getImageData(0, 0, canvas.width, canvas.height);
    return Promise.resolve(read(data, canvas.width, canvas.height)?.data ?? null);
  };
}

function sizeOf(picture: CanvasImageSource): { width: number; height: number } {
  if (picture instanceof HTMLVideoElement) return { width: picture.videoWidth, height: picture.videoHeight };
  if (picture instanceof ImageBitmap) return picture;
  return { width: 0, height: 0 };
}
