import { checks } from '../../core/checks'
import type { Severity } from '../../core/checks/types'
import { terminalLine } from '../escape'
import { isFailure, type StudyFinding } from './findings'

const SEVERITIES: readonly Severity[] = ['error', 'warning', 'note']
const counted = (count: number, word: string) => `${count} ${word}${count === 1 ? '' : 's'}`
const named = ({ quantity, surface }: StudyFinding) => `${quantity}, ${surface}`

/** What else has the same cause. */
const alsoText = ({ also = [] }: StudyFinding): string =>
  also.length > 0 ? ` [with it ${also.map(({ check }) => check).join(', ')}]` : ''

function asText(findings: readonly StudyFinding[]): string {
  const standing = findings.filter(({ left }) => left === undefined)
  const lines = standing.map(
    (one) =>
      `${named(one)}: ${one.severity} ${one.check}: ${one.message}${one.fixes.length > 0 ? ` (${one.fixes.join('; or: ')})` : ''}${alsoText(one)}`,
  )
  const left = findings.length - standing.length
  const sums = SEVERITIES.map((severity) =>
    counted(standing.filter((one) => one.severity === severity).length, severity),
  )
  return `${[...lines.map(terminalLine), `${sums.join(', ')}${left > 0 ? `; ${left} left with a reason` : ''}`].join('\n')}\n`
}

const asJson = (findings: readonly StudyFinding[]): string => `${JSON.stringify({ findings })}\n`

/**
 * The Static Analysis Results Interchange Format, version 2.1.0 (OASIS standard, 27 March 2020).
 */
function asSarif(findings: readonly StudyFinding[], uri: string): string {
  const rules = checks.map(({ id, title }) => ({ id, shortDescription: { text: title } }))
  const results = findings.map((one) => ({
    ruleId: one.check,
    ruleIndex: rules.findIndex(({ id }) => id === one.check),
    level: one.severity,
    message: {
      text: [
        `${named(one)}: ${one.message}`,
        ...(one.fixes.length > 0 ? [`To mend it: ${one.fixes.join('; or: ')}.`] : []),
      ].join(' '),
    },
    locations: [
      {
        physicalLocation: { artifactLocation: { uri } },
        logicalLocations: [
          {
            name: one.surface,
            fullyQualifiedName: `${one.quantity}/${one.surface}`,
            kind: 'member',
          },
        ],
      },
    ],
    ...(one.left === undefined
      ? {}
      : { suppressions: [{ kind: 'external', status: 'accepted', justification: one.left }] }),
  }))
  return `${JSON.stringify({
    $schema: 'https://docs.oasis-open.org/sarif/sarif/v2.1.0/os/schemas/sarif-schema-2.1.0.json',
    version: '2.1.0',
    runs: [
      {
        tool: { driver: { name: 'Ivory Abacus', rules } },
        results,
        columnKind: 'utf16CodeUnits',
        invocations: [
          { executionSuccessful: true, exitCode: findings.some((one) => isFailure(one)) ? 1 : 0 },
        ],
      },
    ],
  })}\n`
}

/** Ways of reporting findings. */
export const reportFormats = { text: asText, json: asJson, sarif: asSarif } as const
export type ReportFormat = keyof typeof reportFormats
