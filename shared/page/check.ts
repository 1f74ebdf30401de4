import { placedAmong } from '../../core/checks/causes'
import { runChecks, runChecksAlone } from '../../core/checks/run'
import type { Finding, Subject } from '../../core/checks/types'
import { present } from './packing'
import type { CheckedSubject } from './subjects'

/** Checks a column's cells: missing ones are left out, and places are those of its rows. */
function checkCells(
  { cells, caseRows, ...subject }: Extract<CheckedSubject, { cells: unknown }>,
  run: (subject: Subject) => Finding[],
): Finding[] {
  const { values, places } = present(cells)
  const rows = caseRows && places.map((at) => caseRows[at]!)
  // Places among the rows become those among the values, and back.
  const placeOf = new Map(places.map((at, i) => [at, i]))
  const selection = subject.selection?.flatMap((at) => placeOf.get(at) ?? [])
  return run({ ...subject, values, rows, selection }).map((finding) => placedAmong(finding, places))
}

/**
 * Checks the axes of panels one by one. What is found on several is told of the first, at the places
 * of all.
 */
function checkAxes(
  { axes, ...subject }: Extract<CheckedSubject, { axes?: unknown }>,
  run: (subject: Subject) => Finding[],
): Finding[] {
  const found = new Map<string, Finding>()
  let first = 0
  for (const axis of axes!) {
    const places = axis.values.map((_, at) => first + at)
    for (const one of run({ ...subject, ...axis })) {
      const finding = placedAmong(one, places)
      const before = found.get(finding.check)
      found.set(finding.check, before ? { ...before, at: [...before.at, ...finding.at] } : finding)
    }
    first += axis.values.length
  }
  return [...found.values()]
}

const placedBy = (subject: CheckedSubject, run: (subject: Subject) => Finding[]): Finding[] => {
  if ('cells' in subject) return checkCells(subject, run)
  return subject.axes ? checkAxes(subject, run) : run(subject)
}

/**
 * Runs every check on what is checked of a surface.
 *
 * @param onStep told after each step how much is done, from 0 to 1
 * @throws StyleError where its style cannot be resolved
 */
export const runPlaced = (subject: CheckedSubject, onStep?: (done: number) => void): Finding[] =>
  placedBy(subject, (one) => runChecks(one, onStep))

/** The same without what mends them. @throws StyleError where its style cannot be resolved */
export const runPlacedAlone = (subject: CheckedSubject): Finding[] =>
  placedBy(subject, runChecksAlone)
