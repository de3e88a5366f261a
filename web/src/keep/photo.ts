/** A plate can be read from this many pixels along the longer side. */
const LONGEST = 1600

/** A telephone's photo is far larger than a plate needs; what is no picture stays as it is. */
export async function smaller(file: Blob): Promise<Blob> {
  try {
    const image = await createImageBitmap(file)
    const scale = Math.min(1, LONGEST / Math.max(image.width, image.height))
    const canvas = document.createElement('canvas')
    canvas.width = Math.round(scale * image.width)
    canvas.height = Math.round(scale * image.height)
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
    return await new Promise((done) =>
      canvas.toBlob((blob) => done(blob ?? file), 'image/jpeg', 0.85),
    )
  } catch {
    return file
  }
}
