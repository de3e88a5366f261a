/** Two touches of one thing within this are one double tap [ms]; telephones take 300. */
const DOUBLE_TAP = 350

/** Says of each touch whether it stands for itself, or is the second half of a double tap. */
export function useSingleTouch(
  now: () => number = () => performance.now(),
): (of: unknown) => boolean {
  let last = ''
  let at = -Infinity
  return (of) => {
    const touched = JSON.stringify(of)
    const single = touched !== last || now() - at > DOUBLE_TAP
    if (single) at = now()
    last = touched
    return single
  }
}
