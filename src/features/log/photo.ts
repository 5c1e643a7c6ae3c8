import Compressor from 'compressorjs';

const MOST_BYTES = 300_000;
/** Longest side, and how well it is kept; the next is tried where a photo is still too large. */
const TRIES = [
  { side: 1600, quality: 0.75 },
  { side: 1280, quality: 0.65 },
  { side: 1024, quality: 0.55 },
  { side: 800, quality: 0.45 },
] as const;

/** A photo of at most 300 kB, turned upright, without the place that its camera wrote into it; null where it is no picture. */
export async function smallPhoto(file: Blob): Promise<Blob | null> {
  for (const { side, quality } of TRIES) {
    const small = await compressed(file, side, quality);
    if (small === null || small.size <= MOST_BYTES) return small;
  }
  return null;
}

const compressed = (file: Blob, side: number, quality: number): Promise<Blob | null> =>
  new Promise((resolve) => {
    new Compressor(file, {
      maxWidth: side,
      maxHeight: side,
      quality,
      mimeType: 'image/jpeg',
      convertSize: 0,
      strict: false,
      success: resolve,
      error: () => resolve(null),
    });
  });
