import { useEffect, useRef, useState, type RefObject } from 'react';

/** Why there is no picture. */
export type NoCamera = 'not secure' | 'refused' | 'none';

/** The longer side of what is looked at, px: more finds no more in a code that fills half of it. */
const WIDE = 960;
/** Between two looks, ms. */
const REST = 60;

/** What the camera sees, looked at again and again while it is shown. */
export function useCamera(onLook: (picture: ImageData) => Promise<void>): {
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly fault: NoCamera | undefined;
} {
  const video = useRef<HTMLVideoElement>(null);
  const look = useRef(onLook);
  const [failed, fail] = useState<NoCamera>();
  const devices = (navigator as Partial<Navigator>).mediaDevices;
  useEffect(() => {
    look.current = onLook;
  }, [onLook]);
  useEffect(() => {
    if (!devices) return;
    const run: { on: boolean } = { on: true };
    const isOn = () => run.on;
    const start = async () => {
      const stream = await devices.getUserMedia({
        video: { facingMode: 'environment', width: { ideal: 1280 } },
      });
      const shown = video.current;
      const stop = () => stream.getTracks().forEach((track) => track.stop());
      if (!run.on || !shown) {
        stop();
        return;
      }
      shown.srcObject = stream;
      await shown.play();
      const canvas = document.createElement('canvas');
      const paper = canvas.getContext('2d', { willReadFrequently: true });
      // It is left while one look waits for the next.
      while (isOn() && paper) {
        const scale = Math.min(1, WIDE / Math.max(shown.videoWidth, shown.videoHeight, 1));
        canvas.width = Math.round(shown.videoWidth * scale);
        canvas.height = Math.round(shown.videoHeight * scale);
        if (canvas.width > 0) {
          paper.drawImage(shown, 0, 0, canvas.width, canvas.height);
          await look.current(paper.getImageData(0, 0, canvas.width, canvas.height));
        }
        await new Promise((done) => setTimeout(done, REST));
      }
      stop();
    };
    start().catch((error: unknown) => {
      if (run.on) fail(error instanceof DOMException && error.name === 'NotFoundError' ? 'none' : 'refused');
    });
    return () => {
      run.on = false;
    };
  }, [devices]);
  return { video, fault: devices ? failed : 'not secure' };
}
