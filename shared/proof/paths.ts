/** A line of a path from one point to the next. */
export interface Segment {
  readonly from: readonly [number, number]
  readonly to: readonly [number, number]
  readonly isStraight: boolean
}
/** A part of a path that is drawn without lifting the pen. */
export interface Subpath {
  readonly segments: readonly Segment[]
  readonly isClosed: boolean
}

const TOKEN = /([a-z])|([-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)/gi
/** How many numbers each command takes, in lower case. */
const TAKES: Readonly<Record<string, number>> = {
  m: 2,
  l: 2,
  h: 1,
  v: 1,
  c: 6,
  s: 4,
  q: 4,
  t: 2,
  a: 7,
  z: 0,
}
const MOST_SEGMENTS = 200_000

interface Command {
  readonly name: string
  readonly numbers: readonly number[]
}
/** Flags of arcs may stand without a mark between: 01-5 is 0, 1 and -5. */
const withFlags = (text: string): string =>
  text.replace(
    /([aA])([^a-zA-Z]*)/g,
    (_, name: string, rest: string) =>
      name +
      rest.replace(
        /((?:[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?[\s,]*){3})([01])[\s,]*([01])[\s,]*/gi,
        '$1 $2 $3 ',
      ),
  )
function* commandsIn(path: string): Generator<Command> {
  let name = ''
  let numbers: number[] = []
  let count = 0
  for (const [, letter, number] of withFlags(path).matchAll(TOKEN)) {
    if (letter !== undefined && letter.toLowerCase() in TAKES) {
      name = letter
      numbers = []
      if (name.toLowerCase() === 'z') yield { name, numbers }
    } else if (number !== undefined && name !== '') {
      numbers.push(Number(number))
      if (numbers.length < TAKES[name.toLowerCase()]! || name.toLowerCase() === 'z') continue
      if (++count > MOST_SEGMENTS) return
      yield { name, numbers }
      numbers = []
      // What follows a move without a letter is a line.
      if (name === 'm') name = 'l'
      else if (name === 'M') name = 'L'
    }
  }
}

/**
 * The lines of a path, by SVG's path data: curves and arcs by their ends alone.
 *
 * @example subpathsOf('M0 0h5')[0].segments[0].to // [5, 0]
 */
export function subpathsOf(path: string): Subpath[] {
  const done: Subpath[] = []
  let segments: Segment[] = []
  let [x, y] = [0, 0]
  let start: readonly [number, number] = [0, 0]
  const end = (isClosed: boolean) => {
    if (segments.length > 0) done.push({ segments, isClosed })
    segments = []
  }
  for (const { name, numbers } of commandsIn(path)) {
    const kind = name.toLowerCase()
    const isRelative = name === kind
    if (kind === 'z') {
      if (x !== start[0] || y !== start[1])
        segments.push({ from: [x, y], to: start, isStraight: true })
      end(true)
      ;[x, y] = start
      continue
    }
    const last = numbers.slice(-2)
    const [dx, dy] = isRelative ? [x, y] : [0, 0]
    const across = kind === 'v' ? x : (kind === 'h' ? numbers[0]! : last[0]!) + dx
    const down = kind === 'h' ? y : last.at(-1)! + dy
    const next: [number, number] = [across, down]
    if (kind === 'm') {
      end(false)
      start = next
    } else segments.push({ from: [x, y], to: next, isStraight: 'lhv'.includes(kind) })
    ;[x, y] = next
  }
  end(false)
  return done
}
