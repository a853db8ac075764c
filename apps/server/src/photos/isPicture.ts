import jpeg from 'jpeg-js';

/** A tablet's own photo has 12 million points; the pages send 4 at most. Decoding takes 4 bytes a point, and some. */
const LARGEST_MEGAPIXELS = 24;
const MOST_MEMORY_MB = 256;

/** Whether bytes are a JPEG that can be decoded to its end. Neither a name nor a header proves it. */
export function isPicture(bytes: Uint8Array): boolean {
  try {
    const { width, height } = jpeg.decode(bytes, {
      useTArray: true,
      formatAsRGBA: false,
      tolerantDecoding: false,
      maxResolutionInMP: LARGEST_MEGAPIXELS,
      maxMemoryUsageInMB: MOST_MEMORY_MB,
    });
    return width > 0 && height > 0;
  } catch {
    return false;
  }
}
