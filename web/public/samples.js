/** Passes on what a microphone gives, a tenth of a second at a time. */
class Samples extends AudioWorkletProcessor {
  constructor() {
    super()
    this.kept = new Float32Array(4096)
    this.filled = 0
  }

  process(inputs) {
    const given = inputs[0]?.[0]
    if (!given) return true
    for (const sample of given) {
      this.kept[this.filled++] = sample
      if (this.filled === this.kept.length) {
        this.port.postMessage(this.kept)
        this.kept = new Float32Array(4096)
        this.filled = 0
      }
    }
    return true
  }
}

registerProcessor('samples', Samples)
