import { type Axis, axisOf } from './axis'
import { type Joined, joinedTexts } from './joined'
import { type MarkLabel, markLabels } from './marks'
import { panelsIn } from './panels'
import type { Reader } from './read'
import { type Around, type Labelled, type Run, runsOf } from './runs'
import { tokenOf } from './token'
import type { PlacedText, Picture, Shape } from './types'

/** What is read of a finished chart. */
export interface ReadPicture {
  readonly axes: readonly Axis[]
  readonly marks: readonly MarkLabel[]
  /** Who wrote the labels of the marks, where there are any. */
  readonly marksReader: Reader | null
  /** The texts that each label is made of. */
  readonly piecesOf: (label: Labelled) => readonly PlacedText[]
}

/** So many labels at most are looked at for marks. */
const MOST_DATA_LABELS = 2000

/** The axes in a run: one, or one a panel where its numbers start again. */
function axesIn(run: Run, readers: readonly Reader[]): Axis[] {
  const whole = axisOf(run, readers)
  if (whole && !whole.isUneven && whole.misplaced.length === 0) return [whole]
  const axes = panelsIn(run).map((panel) => axisOf(panel, readers))
  const areAxes = axes.length > 1 && axes.every((axis) => axis !== null && !axis.isUneven)
  if (areAxes) return axes as Axis[]
  return whole ? [whole] : []
}

/** A run without the labels that stand on an axis already. */
function without(run: Run, used: ReadonlySet<Labelled>): Run {
  const left = run.labels.flatMap((label, at) => (used.has(label) ? [] : [at]))
  return {
    ...run,
    labels: left.map((at) => run.labels[at]!),
    places: left.map((at) => run.places[at]!),
  }
}
/** How sure an axis is: one that explains all its labels before those that do not. */
const sureness = ({ scale, labels, hasTicks, isUneven, misplaced }: Axis): number =>
  (misplaced.length === 0 && !isUneven ? 1000 : 0) +
  scale.count +
  (hasTicks ? labels.length / 2 : 0) -
  misplaced.length

/** So many runs are looked at again after some of their labels were taken. */
const MOST_AGAIN = 2000

/** The axes of runs, the surest first; a label stands on one of them. */
function axesOf(runs: readonly Run[], readers: readonly Reader[]): Axis[] {
  const used = new Set<Labelled>()
  const kept: Axis[] = []
  const open = runs.flatMap((run) => axesIn(run, readers).map((axis) => ({ run, axis })))
  open.sort((a, b) => sureness(a.axis) - sureness(b.axis))
  let again = 0
  for (let last = open.pop(); last; last = open.pop()) {
    const { run, axis } = last
    if (!axis.labels.some((label) => used.has(label))) {
      kept.push(axis)
      axis.labels.forEach((label) => used.add(label))
      continue
    }
    const rest = without(run, used)
    if (rest.labels.length < 2 || ++again > MOST_AGAIN) continue
    // What is left of a run is less sure than it was, and waits for its turn.
    for (const left of axesIn(rest, readers)) {
      const at = open.findIndex((one) => sureness(one.axis) >= sureness(left))
      open.splice(at < 0 ? open.length : at, 0, { run: rest, axis: left })
    }
  }
  const start = ({ labels }: Axis): number => labels[0]!.text.at.start
  return kept.sort((a, b) => start(a) - start(b))
}

const labelsOf = (joined: readonly Joined[]): Labelled[] =>
  joined.flatMap(({ text }) => {
    const token = tokenOf(text.text)
    return token ? [{ text, token }] : []
  })

/** Grounds and frames are as large as this part of the picture. */
const GROUND = 0.3
const MOST_BARS = 2000
const barsIn = ({ shapes, width, height }: Picture): Shape[] =>
  shapes
    .filter((one) => one.kind === 'bar' && one.width * one.height < GROUND * width * height)
    .slice(0, MOST_BARS)

/**
 * Reads a finished chart: its axes with their scales, and its data labels at their marks.
 *
 * @param picture all its texts, lines and forms in place
 * @param readers who may have written it, the likeliest first; the tables of their regions loaded
 */
export function readPicture(picture: Picture, readers: readonly Reader[]): ReadPicture {
  const joined = joinedTexts(picture.texts)
  const pieces = new Map(joined.map(({ text, pieces: own }) => [text, own]))
  const labels = labelsOf(joined)
  const around: Around = {
    strokes: picture.strokes,
    bars: barsIn(picture),
    centre: [picture.width / 2, picture.height / 2],
  }
  const axes = axesOf(runsOf(labels, around), readers)
  const onAxes = new Set(axes.flatMap((axis) => axis.labels))
  const rest = labels.filter((label) => !onAxes.has(label)).slice(0, MOST_DATA_LABELS)
  const found = markLabels(rest, picture.shapes, axes, readers)
  return {
    axes,
    marks: found?.marks ?? [],
    marksReader: found?.reader ?? null,
    piecesOf: ({ text }) => pieces.get(text) ?? [text],
  }
}
