import { request } from '../api/client'
import type { components } from '../api/schema'

/** What a plate says, as the core answers (core/plate). */
export interface PlateFound {
  field: { id: string; title: string; unit: string; path: string | null }
  value: string
  sure: boolean
  why: string | null
  read: string
  place: { left: number; top: number; right: number; bottom: number }
}

/** A word with its place in the picture, as the core's reader of plates takes it. */
export interface PlateWord {
  text: string
  sure: number
  left: number
  top: number
  right: number
  bottom: number
}

/** Wider pictures tell no more of a plate, and take longer [pixels]. */
const WIDEST = 1800
/** Letters must be so many pixels high to be read; smaller pictures are made larger [pixels]. */
const NARROWEST = 1000

type Reader = import('tesseract.js').Worker
let reader: Promise<Reader> | null = null

/** The program that reads letters, loaded once a page: some seven megabytes, from this server. */
function letterReader(): Promise<Reader> {
  reader ??= (async () => {
    const { createWorker, OEM, PSM } = await import('tesseract.js')
    const made = await createWorker('eng', OEM.LSTM_ONLY, {
      workerPath: '/letters/worker.js',
      corePath: '/letters/core.js',
      langPath: '/letters',
      // As a file of its own, so that its own policy holds for it.
      workerBlobURL: false,
      cacheMethod: 'none',
    })
    // Words wherever they stand: a plate is no page.
    await made.setParameters({ tessedit_pageseg_mode: PSM.SPARSE_TEXT })
    return made
  })()
  reader.catch(() => (reader = null))
  return reader
}

/** The picture as it is read: not too large, grey, and evened out where light falls on a part. */
export async function drawn(picture: Blob): Promise<HTMLCanvasElement> {
  const image = await createImageBitmap(picture, { imageOrientation: 'from-image' })
  const widest = Math.max(image.width, image.height)
  const scale = widest > WIDEST ? WIDEST / widest : Math.min(3, Math.max(1, NARROWEST / widest))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(image.width * scale)
  canvas.height = Math.round(image.height * scale)
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  image.close()
  return canvas
}

/** Grey, with what is darker than around it made black: glare and shadow fall out. */
function evened(from: HTMLCanvasElement): HTMLCanvasElement {
  const { width, height } = from
  const pixels = from.getContext('2d')!.getImageData(0, 0, width, height)
  const grey = new Float32Array(width * height)
  for (let i = 0; i < grey.length; i++) {
    const [r, g, b] = [pixels.data[4 * i]!, pixels.data[4 * i + 1]!, pixels.data[4 * i + 2]!]
    grey[i] = 0.3 * r + 0.59 * g + 0.11 * b
  }
  // The mean around each pixel by sums over rows and columns.
  const wide = width + 1
  const sums = new Float64Array(wide * (height + 1))
  for (let y = 0; y < height; y++) {
    let row = 0
    for (let x = 0; x < width; x++) {
      row += grey[y * width + x]!
      sums[(y + 1) * wide + x + 1] = sums[y * wide + x + 1]! + row
    }
  }
  const reach = Math.round(Math.max(width, height) / 24)
  for (let y = 0; y < height; y++) {
    const [top, bottom] = [Math.max(0, y - reach), Math.min(height, y + reach)]
    for (let x = 0; x < width; x++) {
      const [left, right] = [Math.max(0, x - reach), Math.min(width, x + reach)]
      const sum =
        sums[bottom * wide + right]! -
        sums[top * wide + right]! -
        sums[bottom * wide + left]! +
        sums[top * wide + left]!
      const mean = sum / ((bottom - top) * (right - left))
      const value = Math.max(0, Math.min(255, 160 + 1.6 * (grey[y * width + x]! - mean)))
      pixels.data.fill(value, 4 * (y * width + x), 4 * (y * width + x) + 3)
    }
  }
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  canvas.getContext('2d')!.putImageData(pixels, 0, 0)
  return canvas
}

/** The words on a picture, with their places in it, read on this device. */
export async function words(picture: HTMLCanvasElement): Promise<PlateWord[]> {
  const letters = await letterReader()
  const { data } = await letters.recognize(evened(picture), {}, { blocks: true, text: false })
  return (data.blocks ?? [])
    .flatMap((block) => block.paragraphs)
    .flatMap((paragraph) => paragraph.lines)
    .flatMap((line) => line.words)
    .slice(0, 500)
    .map((word) => ({
      text: word.text.slice(0, 200),
      sure: Math.max(0, Math.min(1, word.confidence / 100)),
      left: Math.max(0, word.bbox.x0),
      top: Math.max(0, word.bbox.y0),
      right: Math.max(0, word.bbox.x1),
      bottom: Math.max(0, word.bbox.y1),
    }))
}

/**
 * The same, read by the shop's machine, which does not keep the picture.
 *
 * @throws NoAnswer or Refusal where it does not
 */
export async function wordsElsewhere(picture: HTMLCanvasElement): Promise<PlateWord[]> {
  const file = await new Promise<Blob | null>((done) =>
    evened(picture).toBlob(done, 'image/jpeg', 0.9),
  )
  const read = await request<components['schemas']['PlateWords']>('POST', '/api/plates/words', file)
  // It may have made it smaller.
  const across = picture.width / read.width
  const down = picture.height / read.height
  return read.words.map((word) => ({
    ...word,
    left: word.left * across,
    right: word.right * across,
    top: word.top * down,
    bottom: word.bottom * down,
  }))
}

/** The text of a barcode or QR code on it; empty where there is none. */
export async function barcode(picture: HTMLCanvasElement): Promise<string> {
  const zxing = await import('@zxing/library')
  const kinds = zxing.BarcodeFormat
  const hints = new Map<number, unknown>([
    [
      zxing.DecodeHintType.POSSIBLE_FORMATS,
      // Those that check themselves: others are read into the ruling of a plate that has none.
      [kinds.EAN_13, kinds.UPC_A, kinds.CODE_128, kinds.QR_CODE, kinds.DATA_MATRIX],
    ],
    [zxing.DecodeHintType.TRY_HARDER, true],
  ])
  try {
    const light = new zxing.HTMLCanvasElementLuminanceSource(picture)
    const bitmap = new zxing.BinaryBitmap(new zxing.HybridBinarizer(light))
    return new zxing.MultiFormatReader()
      .decode(bitmap, hints as never)
      .getText()
      .slice(0, 60)
  } catch {
    return ''
  }
}

/** The piece of the picture in which it stands, with some room around it. */
export function piece(picture: HTMLCanvasElement, place: PlateFound['place']): string {
  const room = 0.4 * (place.bottom - place.top)
  const left = Math.max(0, place.left - room)
  const top = Math.max(0, place.top - room)
  const width = Math.min(picture.width, place.right + room) - left
  const height = Math.min(picture.height, place.bottom + room) - top
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(width))
  canvas.height = Math.max(1, Math.round(height))
  canvas.getContext('2d')!.drawImage(picture, left, top, width, height, 0, 0, width, height)
  return canvas.toDataURL('image/jpeg', 0.8)
}
