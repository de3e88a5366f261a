import * as core from 'rotor-core'

/** Answers one question after the other, beside the page. */
self.onmessage = ({ data }: MessageEvent<{ id: number; verb: keyof typeof core; tree: never }>) => {
  try {
    self.postMessage({ id: data.id, answer: core[data.verb](data.tree) })
  } catch (failed) {
    self.postMessage({ id: data.id, failed: String(failed) })
  }
}
