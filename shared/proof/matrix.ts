/** Turns (x, y) to (a·x + c·y + e, b·x + d·y + f), as SVG's matrix(a, b, c, d, e, f). */
export type Matrix = readonly [number, number, number, number, number, number]

export const IDENTITY: Matrix = [1, 0, 0, 1, 0, 0]

/** First the second, then the first. @example times(translation(5, 0), scaling(2, 2)) */
export const times = (m: Matrix, n: Matrix): Matrix => [
  m[0] * n[0] + m[2] * n[1],
  m[1] * n[0] + m[3] * n[1],
  m[0] * n[2] + m[2] * n[3],
  m[1] * n[2] + m[3] * n[3],
  m[0] * n[4] + m[2] * n[5] + m[4],
  m[1] * n[4] + m[3] * n[5] + m[5],
]
export const translation = (x: number, y: number): Matrix => [1, 0, 0, 1, x, y]
export const scaling = (x: number, y: number): Matrix => [x, 0, 0, y, 0, 0]
const turned = (degrees: number): Matrix => {
  const angle = (degrees * Math.PI) / 180
  return [Math.cos(angle), Math.sin(angle), -Math.sin(angle), Math.cos(angle), 0, 0]
}
const slant = (degrees: number): number => Math.tan((degrees * Math.PI) / 180)

export const placed = (m: Matrix, x: number, y: number): readonly [number, number] => [
  m[0] * x + m[2] * y + m[4],
  m[1] * x + m[3] * y + m[5],
]
/** How many degrees its x-axis is turned, clockwise. */
export const angleOf = (m: Matrix): number => (Math.atan2(m[1], m[0]) * 180) / Math.PI
/** How much longer what stands upright gets. */
export const heightOf = (m: Matrix): number => Math.hypot(m[2], m[3])
export const widthOf = (m: Matrix): number => Math.hypot(m[0], m[1])

/** Each kind of transform by its numbers, as SVG and CSS name them. */
const KINDS: Readonly<Record<string, (n: readonly number[]) => Matrix>> = {
  matrix: (n) => (n.length === 6 ? (n as unknown as Matrix) : IDENTITY),
  translate: ([x = 0, y = 0]) => translation(x, y),
  translatex: ([x = 0]) => translation(x, 0),
  translatey: ([y = 0]) => translation(0, y),
  scale: ([x = 1, y = x]) => scaling(x, y),
  scalex: ([x = 1]) => scaling(x, 1),
  scaley: ([y = 1]) => scaling(1, y),
  rotate: ([angle = 0, x = 0, y = 0]) =>
    times(times(translation(x, y), turned(angle)), translation(-x, -y)),
  skewx: ([angle = 0]) => [1, 0, slant(angle), 1, 0, 0],
  skewy: ([angle = 0]) => [1, slant(angle), 0, 1, 0, 0],
}
/** A function of a list: read one behind the other, so that a long text is looked at once. */
const CALL = /[\s,]*([a-z]{1,20})\s*\(([^()]*)\)/iy
const NUMBER = /[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi
const numbersIn = (text: string): number[] => (text.match(NUMBER) ?? []).map(Number)

/**
 * A `transform` attribute as one matrix; what is none leaves all where it is.
 *
 * @example matrixOf('translate(10 20) scale(2)') // [2, 0, 0, 2, 10, 20]
 */
export function matrixOf(text: string | undefined): Matrix {
  let matrix = IDENTITY
  CALL.lastIndex = 0
  for (let call = CALL.exec(text ?? ''); call; call = CALL.exec(text ?? '')) {
    const [, name = '', numbers = ''] = call
    const kind = KINDS[name.toLowerCase()]
    if (kind) matrix = times(matrix, kind(numbersIn(numbers)))
  }
  return matrix
}

/** Places of a box along one axis, by `preserveAspectRatio`. */
const PARTS: Readonly<Record<string, number>> = { Min: 0, Mid: 0.5, Max: 1 }

/**
 * How what is drawn in a viewBox lies in the box that shows it.
 *
 * @param ratio `preserveAspectRatio`
 * @example viewing([0, 0, 100, 50], { x: 0, y: 0, width: 200, height: 200 }, 'none') // [2, 0, 0, 4, 0, 0]
 */
export function viewing(
  viewBox: readonly number[],
  box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
  ratio = 'xMidYMid meet',
): Matrix {
  const [left = 0, top = 0, across = 0, down = 0] = viewBox
  if (!(across > 0) || !(down > 0)) return translation(box.x, box.y)
  const [sx, sy] = [box.width / across, box.height / down]
  const at = translation(box.x, box.y)
  if (/^\s*none/.test(ratio)) return times(times(at, scaling(sx, sy)), translation(-left, -top))
  const scale = /slice/.test(ratio) ? Math.max(sx, sy) : Math.min(sx, sy)
  const [, x = 'Mid', y = 'Mid'] = /x(Min|Mid|Max)Y(Min|Mid|Max)/.exec(ratio) ?? []
  const moved = translation(
    PARTS[x]! * (box.width - across * scale),
    PARTS[y]! * (box.height - down * scale),
  )
  return times(times(times(at, moved), scaling(scale, scale)), translation(-left, -top))
}
export { numbersIn }
