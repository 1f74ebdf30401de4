import { checks } from '../../core/checks'
import { placeChecks } from '../../core/proof/checks'
import { version } from '../../package.json'

/** What a rule is called and what it finds, as a log has it. */
const RULES = [...checks, ...placeChecks].map(({ id, title, finds }) => ({
  id,
  shortDescription: { text: title },
  fullDescription: { text: finds },
  help: { text: `${finds} Each finding says what mends it, where something does.` },
}))
/** The place of a rule among those that the log names. */
export const ruleIndex = (check: string): number => RULES.findIndex(({ id }) => id === check)

/** What tells things of the same name apart, in the order in which they stand. */
export function numbered(names: readonly string[]): string[] {
  const counts = new Map<string, number>()
  return names.map((name) => {
    const count = (counts.get(name) ?? 0) + 1
    counts.set(name, count)
    return `${name} ${count}`
  })
}

/**
 * A log in the Static Analysis Results Interchange Format, version 2.1.0 (OASIS standard, 27 March
 * 2020).
 *
 * @param results as the standard has them
 * @param fails whether the run ends with 1
 */
export const sarifLog = (results: readonly unknown[], fails: boolean): string =>
  `${JSON.stringify({
    $schema: 'https://docs.oasis-open.org/sarif/sarif/v2.1.0/os/schemas/sarif-schema-2.1.0.json',
    version: '2.1.0',
    runs: [
      {
        tool: { driver: { name: 'Ivory Abacus', version, rules: RULES } },
        results,
        columnKind: 'utf16CodeUnits',
        invocations: [{ executionSuccessful: true, exitCode: fails ? 1 : 0 }],
      },
    ],
  })}\n`

/** A message with what mends it. */
export const withFixes = (message: string, fixes: readonly string[]): string =>
  [message, ...(fixes.length > 0 ? [`To mend it: ${fixes.join('; or: ')}.`] : [])].join(' ')
