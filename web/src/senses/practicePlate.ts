/** Like a plate in a dark cabinet: slanted, with dirt over letters and light from one side [pixels]. */
const WIDE = 1100
const HIGH = 640

/** Draws these lines, each time with other trouble. */
export function drawPlate(canvas: HTMLCanvasElement, lines: string[]) {
  canvas.width = WIDE
  canvas.height = HIGH
  const pen = canvas.getContext('2d')!
  const any = (most: number) => Math.random() * most
  const dark = any(4) < 1
  pen.fillStyle = '#464a46'
  pen.fillRect(0, 0, WIDE, HIGH)
  pen.save()
  pen.translate(WIDE / 2, HIGH / 2)
  pen.rotate(((any(8) - 4) * Math.PI) / 180)
  pen.translate(-WIDE / 2, -HIGH / 2)
  pen.fillStyle = dark ? '#28282c' : '#c4c6c8'
  pen.fillRect(40, 70, WIDE - 80, HIGH - 140)
  pen.strokeStyle = pen.fillStyle = dark ? '#d7d7d2' : '#232326'
  pen.lineWidth = 3
  pen.strokeRect(52, 82, WIDE - 104, HIGH - 164)
  pen.font = any(2) < 1 ? 'bold 37px sans-serif' : 'bold 33px monospace'
  lines.forEach((line, at) => pen.fillText(line, 86, 164 + at * 74, WIDE - 172))
  pen.restore()
  for (let i = any(14); i > 0; i--) {
    pen.fillStyle = `rgba(60, 50, 36, ${0.15 + any(0.3)})`
    const size = 10 + any(70)
    pen.beginPath()
    pen.ellipse(any(WIDE), any(HIGH), size, size / 2, 0, 0, 2 * Math.PI)
    pen.fill()
  }
  const shade = pen.createLinearGradient(0, 0, WIDE, 0)
  const light = 0.5 * Math.random()
  shade.addColorStop(0, `rgba(0, 0, 0, ${light})`)
  shade.addColorStop(1, `rgba(0, 0, 0, ${light + 0.3})`)
  pen.fillStyle = shade
  pen.fillRect(0, 0, WIDE, HIGH)
}
