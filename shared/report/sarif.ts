import { checks } from '../../core/checks'
import { version } from '../../package.json'
import { isFailure, type StudyFinding } from './findings'

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

/** What tells a finding from all others, wherever its quantity stands: the same in the next run. */
function fingerprints(findings: readonly StudyFinding[]): string[] {
  const counts = new Map<string, number>()
  return findings.map((one) => {
    const name = `${one.check} ${placeOf(one)}`
    const count = (counts.get(name) ?? 0) + 1
    counts.set(name, count)
    return `${name} ${count}`
  })
}

const RULES = checks.map(({ id, title, finds }) => ({
  id,
  shortDescription: { text: title },
  fullDescription: { text: finds },
  help: { text: `${finds} Each finding says what mends it, where something does.` },
}))

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
  const names = fingerprints(findings)
  const results = findings.map((one, at) => {
    const region = regionOf(lines, one.quantity)
    return {
      ruleId: one.check,
      ruleIndex: RULES.findIndex(({ id }) => id === one.check),
      level: one.severity,
      message: {
        text: [
          `${one.quantity}, ${one.surface}: ${one.message}`,
          ...(one.fixes.length > 0 ? [`To mend it: ${one.fixes.join('; or: ')}.`] : []),
        ].join(' '),
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
  return `${JSON.stringify({
    $schema: 'https://docs.oasis-open.org/sarif/sarif/v2.1.0/os/schemas/sarif-schema-2.1.0.json',
    version: '2.1.0',
    runs: [
      {
        tool: { driver: { name: 'Ivory Abacus', version, rules: RULES } },
        results,
        columnKind: 'utf16CodeUnits',
        invocations: [
          { executionSuccessful: true, exitCode: findings.some((one) => isFailure(one)) ? 1 : 0 },
        ],
      },
    ],
  })}\n`
}
