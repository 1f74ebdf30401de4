import { isFailure, type StudyFinding } from './findings'
import { numbered, ruleIndex, sarifLog, withFixes } from './sarifLog'

/** What a finding is about, whatever line that stands in. */
const placeOf = ({ quantity, surface }: StudyFinding): string => `${quantity}/${surface}`

interface Region {
  readonly startLine: number
  readonly startColumn: number
  readonly endLine: number
  readonly endColumn: number
}
const indentOf = (line: string): number => line.length - line.trimStart().length
/**
 * The lines of a study's file in which a quantity stands; undefined where its items do not stand in
 * lines of their own.
 */
function regionOf(lines: readonly string[], quantity: string): Region | undefined {
  const title = `"title": ${JSON.stringify(quantity)}`
  const at = lines.findIndex((line) => line.trim().replace(/,$/, '') === title)
  if (at < 0) return undefined
  const within = indentOf(lines[at]!)
  let first = at
  while (first > 0 && indentOf(lines[first]!) >= within) first--
  let last = at
  while (last < lines.length - 1 && indentOf(lines[last]!) >= within) last++
  return {
    startLine: first + 1,
    startColumn: indentOf(lines[first]!) + 1,
    endLine: last + 1,
    endColumn: lines[last]!.replace(/,$/, '').length + 1,
  }
}

/**
 * Findings in the Static Analysis Results Interchange Format, version 2.1.0 (OASIS standard, 27
 * March 2020).
 *
 * @param uri of the study's file
 * @param text of the file, so that findings stand in its lines
 * @example asSarif([], 'study.json') // '{"$schema":…,"runs":[{"results":[],…}]}\n'
 */
export function asSarif(findings: readonly StudyFinding[], uri: string, text = ''): string {
  const lines = text.split('\n')
  // What tells a finding from all others, wherever its quantity stands: the same in the next run.
  const names = numbered(findings.map((one) => `${one.check} ${placeOf(one)}`))
  const results = findings.map((one, at) => {
    const region = regionOf(lines, one.quantity)
    return {
      ruleId: one.check,
      ruleIndex: ruleIndex(one.check),
      level: one.severity,
      message: {
        text: withFixes(`${one.quantity}, ${one.surface}: ${one.message}`, one.fixes),
      },
      locations: [
        {
          physicalLocation: { artifactLocation: { uri }, ...(region && { region }) },
          logicalLocations: [
            { name: one.surface, fullyQualifiedName: placeOf(one), kind: 'member' },
          ],
        },
      ],
      partialFingerprints: { 'finding/v1': names[at]! },
      ...(one.left === undefined
        ? {}
        : { suppressions: [{ kind: 'external', status: 'accepted', justification: one.left }] }),
    }
  })
  return sarifLog(
    results,
    findings.some((one) => isFailure(one)),
  )
}
