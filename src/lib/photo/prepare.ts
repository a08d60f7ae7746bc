// A photograph made ready on this device: turned, cut to the shape of a card, made small. What it is drawn anew into holds no place and no time.
import { whyNoPhoto } from './kind';

/** Width and height of a stored photograph in pixels: of a card sharp on half a page, of a face beside a name. */
const SHAPES = { card: [1200, 800], face: [480, 480] } as const;
export type Shape = keyof typeof SHAPES;

export type Cut = {
  /** Quarter turns to the right. */ turns: number;
  /** 1 shows as much as goes in; more shows a part. */ zoom: number;
  /** Where the part lies, 0 to 1. */ x: number;
  y: number;
};

/** @throws Error with words for a person, where it is no photograph or cannot be opened */
export async function openPhoto(file: File): Promise<ImageBitmap> {
  const why = whyNoPhoto(new Uint8Array(await file.slice(0, 65536).arrayBuffer()), file.size);
  if (why) throw new Error(why);
  try {
    return await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    throw new Error('This photograph is broken, or of a kind that this browser cannot open. Save it as JPEG and try again.');
  }
}

/** Draws what the cut shows. */
export function drawCut(canvas: HTMLCanvasElement, image: ImageBitmap, { turns, zoom, x, y }: Cut, shape: Shape): void {
  const [wide, high] = SHAPES[shape];
  canvas.width = wide;
  canvas.height = high;
  const pen = canvas.getContext('2d')!;
  const sideways = turns % 2 !== 0;
  const [w, h] = sideways ? [image.height, image.width] : [image.width, image.height];
  const scale = Math.max(wide / w, high / h) * zoom;
  const [left, top] = [(wide - w * scale) * x, (high - h * scale) * y];
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, wide, high);
  pen.translate(left + (w * scale) / 2, top + (h * scale) / 2);
  pen.rotate((turns * Math.PI) / 2);
  pen.scale(scale, scale);
  pen.drawImage(image, -image.width / 2, -image.height / 2);
  pen.setTransform(1, 0, 0, 1, 0, 0);
}

/** The drawn cut as a JPEG, small enough to be kept. */
export async function asJpeg(canvas: HTMLCanvasElement): Promise<Blob> {
  for (const quality of [0.85, 0.7, 0.5, 0.35]) {
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality));
    if (blob && blob.size <= 600_000) return blob;
  }
  throw new Error('This photograph could not be made small enough.');
}
