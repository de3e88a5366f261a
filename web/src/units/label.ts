/** The call that a unit's label names: the text of its code, scanned or pasted, or the id alone. */
const ON_LABEL = /(?:^|Call: )([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})\s*$/i

export const callOn = (text: string) => ON_LABEL.exec(text)?.[1]?.toLowerCase()

/** So many pixels along the longer side; what is not found in the one is often found in another. */
const SIZES = [1200, 700, 2000]

export interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray | Uint8Array
}

/** The text of a QR code on a picture, read on this device; null where none is found. */
export async function codeIn(pixels: Pixels): Promise<string | null> {
  const { decodeQR } = await import('qr/decode.js')
  try {
    return decodeQR(pixels)
  } catch {
    return null
  }
}

/** The text of the QR code on a photo; null where there is none, or it is no picture. */
export async function codeOn(photo: Blob): Promise<string | null> {
  const image = await createImageBitmap(photo).catch(() => null)
  if (!image) return null
  const canvas = document.createElement('canvas')
  for (const size of SIZES) {
    const scale = Math.min(1, size / Math.max(image.width, image.height))
    canvas.width = Math.round(scale * image.width)
    canvas.height = Math.round(scale * image.height)
    const pen = canvas.getContext('2d', { willReadFrequently: true })!
    pen.drawImage(image, 0, 0, canvas.width, canvas.height)
    const text = await codeIn(pen.getImageData(0, 0, canvas.width, canvas.height))
    if (text !== null) return text
  }
  return null
}
