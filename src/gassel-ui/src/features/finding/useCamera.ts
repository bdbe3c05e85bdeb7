import { useEffect, useRef, useState } from "react";
import { codeReader } from "./codeReader";

/** A frame is searched so often, ms. */
const EVERY_MS = 150;

/** Why there is no picture, in words. */
function reason(failed: unknown): string {
  if (failed instanceof DOMException && failed.name === "NotAllowedError")
    return "This browser may not use the camera. Allow it for this address, or take a picture of the code.";
  return "No camera is free on this device. Take a picture of the code, or type its number.";
}

/** Looks through the camera until a code is seen; hands its text on, once for each new one. */
export function useCamera(seen: (text: string) => void) {
  const video = useRef<HTMLVideoElement>(null);
  const [fault, setFault] = useState<string | null>(
    // without TLS a browser gives no camera to a page of another machine
    () =>
      window.isSecureContext
        ? null
        : "A browser opens the camera only over https or on this computer. Take a picture of the code instead.",
  );
  const told = useRef(seen);
  useEffect(() => {
    told.current = seen;
  });
  useEffect(() => {
    if (!window.isSecureContext) return;
    let stream: MediaStream | null = null;
    let timer = 0;
    let isOver = false;
    let last: string | null = null;
    const begin = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment" } });
      const read = await codeReader();
      const picture = video.current;
      if (isOver || !picture) {
        stream.getTracks().forEach((track) => track.stop());
        return;
      }
      picture.srcObject = stream;
      await picture.play();
      const look = async () => {
        const text = picture.readyState >= HTMLMediaElement.HAVE_CURRENT_DATA ? await read(picture) : null;
        if (isOver) return;
        if (text !== null && text !== last) {
          last = text;
          told.current(text);
        }
        timer = window.setTimeout(() => void look(), EVERY_MS);
      };
      await look();
    };
    begin().catch((failed: unknown) => {
      if (!isOver) setFault(reason(failed));
    });
    return () => {
      isOver = true;
      clearTimeout(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  return { video, fault };
}
