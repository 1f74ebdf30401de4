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

/** What stands next in path data: each pattern is tried where the reader stands, and nowhere else. */
const NEXT = {
  apart: /[^a-z\d.+-]+/iy,
  letter: /[a-z]/iy,
  number: /[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/iy,
  flag: /[01]/y,
} as const
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
/** Reads texts one behind the other. */
function reader(text: string) {
  let at = 0
  return {
    take(kind: keyof typeof NEXT): string | null {
      const pattern = NEXT[kind]
      pattern.lastIndex = at
      const found = pattern.exec(text)
      if (!found) return null
      at = pattern.lastIndex
      return found[0]
    },
    skip: () => void at++,
    isOver: () => at >= text.length,
  }
}
/** Places of an arc's numbers that are flags: they may stand without a mark between, as in 01-5. */
const FLAGS = [3, 4]
const isFlag = (name: string, place: number): boolean =>
  name.toLowerCase() === 'a' && FLAGS.includes(place)

function* commandsIn(path: string): Generator<Command> {
  let name = ''
  let numbers: number[] = []
  let count = 0
  const { take, skip, isOver } = reader(path)
  while (!isOver()) {
    if (take('apart') !== null) continue
    const number = take(isFlag(name, numbers.length) ? 'flag' : 'number')
    if (number === null) {
      const letter = take('letter')
      if (letter === null) skip()
      else if (letter.toLowerCase() in TAKES) {
        name = letter
        numbers = []
        if (name.toLowerCase() === 'z') yield { name, numbers }
      }
    } else if (name !== '') {
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
