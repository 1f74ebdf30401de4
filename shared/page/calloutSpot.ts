import type { Spot } from '../forms/types'

/** How far a note stands from its mark; and half of what a label takes, lines included. */
const [ASIDE, LABEL_WIDTH, LABEL_HEIGHT] = [30, 34, 20]
/**
 * Where a note stands from its mark so that it hides no label: above or below, on either side;
 * where it hides some everywhere, where it hides the fewest.
 *
 * @param labels where the labels of marks stand
 * @param width of the chart
 */
export function freeSpot(
  labels: readonly Spot[],
  at: number,
  note: { readonly width: number; readonly height: number },
  width: number,
): { x: number; y: number } {
  const mark = labels[at]!
  const places = [-note.height - LABEL_HEIGHT, LABEL_HEIGHT, -note.height / 2].flatMap((y) =>
    [ASIDE, -note.width - ASIDE].map((x) => ({ x, y })),
  )
  const hidden = ({ x, y }: { x: number; y: number }): number => {
    const [left, top] = [mark.x + x, mark.y + y]
    if (left < 0 || left + note.width > width || top < 0) return labels.length
    return labels.filter(
      (label) =>
        label.x + LABEL_WIDTH > left &&
        label.x - LABEL_WIDTH < left + note.width &&
        label.y > top &&
        label.y - LABEL_HEIGHT < top + note.height,
    ).length
  }
  return places.reduce((best, place) => (hidden(place) < hidden(best) ? place : best))
}
