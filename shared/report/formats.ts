import type { Severity } from '../../core/checks/types'
import { terminalLine } from '../escape'
import type { StudyFinding } from './findings'
import { asSarif } from './sarif'

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

/** Ways of reporting findings. */
export const reportFormats = { text: asText, json: asJson, sarif: asSarif } as const
export type ReportFormat = keyof typeof reportFormats
