/* Tags read by the device's camera, where the browser has a detector of its own (W3C Shape Detection, BarcodeDetector). */

export interface Detector {
  detect(of: HTMLVideoElement): Promise<{ rawValue: string }[]>;
}

type Detectors = new (of: { formats: string[] }) => Detector;

const detectors = () => (globalThis as { BarcodeDetector?: Detectors }).BarcodeDetector;

/** A detector and a camera: both are wanted. */
export const canScan = (): boolean =>
  // Over a plain address there is no such thing as a camera, whatever its type says.
  detectors() !== undefined &&
  typeof (navigator.mediaDevices as MediaDevices | undefined)?.getUserMedia === 'function';

export function detector(): Detector {
  const Made = detectors();
  if (!Made) throw new Error('This browser reads no codes.');
  return new Made({ formats: ['qr_code'] });
}

/** The camera that looks away from whoever holds the device. */
export const camera = (): Promise<MediaStream> =>
  navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });

/** Tells each code once for as long as it stays before the camera. */
export function eachOnce(tell: (code: string) => void): (seen: string[]) => void {
  let before = new Set<string>();
  return (seen) => {
    for (const code of new Set(seen)) if (!before.has(code)) tell(code);
    before = new Set(seen);
  };
}
