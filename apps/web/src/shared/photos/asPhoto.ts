/** No side of a kept photo is longer: enough to see a root by, small enough for a sheet. Points */
const LONGEST = 2000;

/**
 * Any picture that the browser can open as a JPEG of a usual size, drawn anew: what a camera writes beside it, such as the place
 * where it was taken, stays behind. Throws in words where it is no picture.
 */
export async function asPhoto(file: File): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error(`"${file.name}" is no picture that can be opened here: choose a photo`);
  });
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(picture.width * scale)),
    Math.max(1, Math.round(picture.height * scale)),
  );
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 });
}
