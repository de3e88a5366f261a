/** Answers one question after the other, beside the page. */
export function answerFrom(core: Record<string, (tree: never) => unknown>) {
  self.onmessage = ({ data }: MessageEvent<{ id: number; verb: string; tree: never }>) => {
    try {
      self.postMessage({ id: data.id, answer: core[data.verb]!(data.tree) })
    } catch (failed) {
      self.postMessage({ id: data.id, failed: String(failed) })
    }
  }
}
