/** Longest side of a photo that is kept, px, and the most bytes that the server takes. */
const LONGEST = 1600;
const MOST_BYTES = 2_000_000;

/** A photo small enough to be kept, without what the camera wrote into it: it is drawn anew. Null where the file is no picture. */
export async function shrink(file: Blob): Promise<Blob | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return null;
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  const pen = canvas.getContext("2d");
  if (!pen) return null;
  // what is clear in a drawing stands on white
  pen.fillStyle = "#FFFFFF";
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  for (const quality of [0.85, 0.7, 0.5]) {
    const made = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/jpeg", quality));
    if (made && made.size <= MOST_BYTES) return made;
  }
  return null;
}
