/** The longest side of a photo that is kept, points. */
const LONGEST = 1600;
const QUALITY = 0.85;

/** How large a photo is made: no larger than it is, its longest side no longer than what is kept. */
export function fitted(width: number, height: number): { width: number; height: number } {
  const scale = Math.min(1, LONGEST / Math.max(width, height, 1));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

/** A photo made smaller for the database; anything else as it is. */
export async function shrunk(file: File): Promise<Blob> {
  if (!/^image\/(jpeg|png|webp)$/.test(file.type)) {
    return file;
  }
  const picture = await createImageBitmap(file);
  const size = fitted(picture.width, picture.height);
  const canvas = document.createElement('canvas');
  canvas.width = size.width;
  canvas.height = size.height;
  canvas.getContext('2d')?.drawImage(picture, 0, 0, size.width, size.height);
  picture.close();
  const small = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  return small && small.size < file.size ? small : file;
}
