import type { Shape, Stroke } from '../../core/proof/types'
import { lengthOf } from './lengths'
import { type Matrix, numbersIn, placed } from './matrix'
import { type Segment, subpathsOf } from './paths'

/** What an element draws besides text. */
export interface Drawn {
  readonly strokes: readonly Stroke[]
  readonly shapes: readonly Shape[]
}
const NOTHING: Drawn = { strokes: [], shapes: [] }

/** A form this thin is a line. */
const THIN = 1.6
/** Points are no wider, in pixels. */
const MOST_POINT = 40

type Own = Readonly<Record<string, string>>
const number = (own: Own, name: string): number => lengthOf(own[name]) ?? 0

const strokeOf = (
  matrix: Matrix,
  [x1, y1]: readonly [number, number],
  [x2, y2]: readonly [number, number],
): Stroke => {
  const [from, to] = [placed(matrix, x1, y1), placed(matrix, x2, y2)]
  return { x1: from[0], y1: from[1], x2: to[0], y2: to[1] }
}

/** The box around some points. */
function boxOf(points: readonly (readonly [number, number])[]) {
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  const [x, y] = [Math.min(...xs), Math.min(...ys)]
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y }
}

/** A box as a bar, or as a line where it is that thin. */
function boxed(points: readonly (readonly [number, number])[]): Drawn {
  const box = boxOf(points)
  if (Math.min(box.width, box.height) > THIN)
    return { strokes: [], shapes: [{ kind: 'bar', ...box }] }
  const isFlat = box.height <= THIN && box.width > box.height
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  const stroke = isFlat
    ? { x1: box.x, y1: y, x2: box.x + box.width, y2: y }
    : { x1: x, y1: box.y, x2: x, y2: box.y + box.height }
  return box.width + box.height > 0 ? { strokes: [stroke], shapes: [] } : NOTHING
}

function ofRect(own: Own, matrix: Matrix): Drawn {
  const [x, y] = [number(own, 'x'), number(own, 'y')]
  const [width, height] = [number(own, 'width'), number(own, 'height')]
  if (!(width > 0) || !(height > 0)) return NOTHING
  return boxed(
    [
      [x, y],
      [x + width, y],
      [x + width, y + height],
      [x, y + height],
    ].map(([px, py]) => placed(matrix, px!, py!)),
  )
}
function ofEllipse(own: Own, matrix: Matrix): Drawn {
  const [x, y] = [number(own, 'cx'), number(own, 'cy')]
  const rx = lengthOf(own.r) ?? number(own, 'rx')
  const ry = lengthOf(own.r) ?? number(own, 'ry')
  const box = boxOf([placed(matrix, x - rx, y - ry), placed(matrix, x + rx, y + ry)])
  return rx > 0 ? { strokes: [], shapes: [{ kind: 'point', ...box }] } : NOTHING
}
const pointsOf = (own: Own): (readonly [number, number])[] => {
  const numbers = numbersIn(own.points ?? '')
  return Array.from({ length: Math.floor(numbers.length / 2) }, (_, at) => [
    numbers[2 * at]!,
    numbers[2 * at + 1]!,
  ])
}

/** Whether straight lines go along the axes alone, and around something. */
const isBox = (segments: readonly Segment[], matrix: Matrix): boolean =>
  segments.length >= 3 &&
  segments.every(({ from, to, isStraight }) => {
    const { x1, y1, x2, y2 } = strokeOf(matrix, from, to)
    return !isStraight || Math.abs(x1 - x2) < 0.05 || Math.abs(y1 - y2) < 0.05
  }) &&
  segments.filter(({ isStraight }) => isStraight).length >= 3

/** Lines of a chart have fewer points than this with labels of their own. */
const MOST_VERTICES = 500
/** The points of a line that goes up and down, which may have labels. */
function verticesOf(segments: readonly Segment[], matrix: Matrix): Shape[] {
  if (segments.length < 2 || segments.length > MOST_VERTICES) return []
  const strokes = segments.map(({ from, to }) => strokeOf(matrix, from, to))
  const isSlanted = strokes.some(
    ({ x1, y1, x2, y2 }) => Math.abs(x1 - x2) > 1 && Math.abs(y1 - y2) > 1,
  )
  const points = [segments[0]!.from, ...segments.map(({ to }) => to)]
  return isSlanted
    ? points.map((point) => {
        const [x, y] = placed(matrix, point[0], point[1])
        return { kind: 'point', x, y, width: 0, height: 0 }
      })
    : []
}

function ofPath(
  segments: readonly Segment[],
  isFilled: boolean,
  isClosed: boolean,
  matrix: Matrix,
): Drawn {
  const points = segments
    .flatMap(({ from, to }) => [from, to])
    .map(([x, y]) => placed(matrix, x, y))
  if (points.length === 0) return NOTHING
  if (isFilled && isBox(segments, matrix)) return boxed(points)
  const strokes = segments.flatMap(({ from, to, isStraight }) =>
    isStraight ? [strokeOf(matrix, from, to)] : [],
  )
  if (!isFilled) return { strokes, shapes: verticesOf(segments, matrix) }
  if (!(isClosed || segments.length > 2)) return { strokes, shapes: [] }
  const box = boxOf(points)
  // Halves of a circle are told by their ends alone: a point is as high as it is wide.
  const size = Math.max(box.width, box.height)
  const isPoint = size > 0 && size <= MOST_POINT && segments.some(({ isStraight }) => !isStraight)
  return isPoint
    ? {
        strokes: [],
        shapes: [
          {
            kind: 'point',
            x: box.x + box.width / 2 - size / 2,
            y: box.y + box.height / 2 - size / 2,
            width: size,
            height: size,
          },
        ],
      }
    : { strokes, shapes: [] }
}

const joined = (all: readonly Drawn[]): Drawn => ({
  strokes: all.flatMap(({ strokes }) => strokes),
  shapes: all.flatMap(({ shapes }) => shapes),
})
const chain = (points: readonly (readonly [number, number])[]): Segment[] =>
  points.slice(1).map((to, at) => ({ from: points[at]!, to, isStraight: true }))

/** What each kind of element draws, by its properties. */
export const DRAWN: Readonly<
  Record<string, (own: Own, matrix: Matrix, isFilled: boolean) => Drawn>
> = {
  line: (own, matrix) => ({
    strokes: [
      strokeOf(
        matrix,
        [number(own, 'x1'), number(own, 'y1')],
        [number(own, 'x2'), number(own, 'y2')],
      ),
    ],
    shapes: [],
  }),
  rect: ofRect,
  circle: ofEllipse,
  ellipse: ofEllipse,
  polyline: (own, matrix) => ofPath(chain(pointsOf(own)), false, false, matrix),
  polygon: (own, matrix, isFilled) => {
    const points = pointsOf(own)
    return points.length < 2
      ? NOTHING
      : ofPath(chain([...points, points[0]!]), isFilled, true, matrix)
  },
  path: (own, matrix, isFilled) =>
    joined(
      subpathsOf((own.d ?? '').replace(/^path\(["']|["']\)$/g, '')).map(({ segments, isClosed }) =>
        ofPath(segments, isFilled, isClosed, matrix),
      ),
    ),
}
