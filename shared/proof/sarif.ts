import { numbered, ruleIndex, sarifLog, withFixes } from '../report/sarifLog'
import type { ReadFile } from './file'
import { aboutWords } from './told'

/**
 * What was found in finished works, in the Static Analysis Results Interchange Format: with line and
 * column of every label that a finding is about.
 *
 * @param fails whether the run ends with 1
 */
export function proofSarif(
  files: readonly { readonly file: string; readonly work: ReadFile }[],
  fails: boolean,
): string {
  const results = files.flatMap(({ file, work }) => {
    const abouts = work.findings.map((finding) => aboutWords(finding, work))
    const names = numbered(work.findings.map(({ check }, at) => `${check} ${abouts[at]}`))
    return work.findings.map(({ check, severity, message, spans, fixes }, at) => ({
      ruleId: check,
      ruleIndex: ruleIndex(check),
      level: severity,
      message: {
        text: withFixes(
          `${abouts[at]}: ${message}`,
          fixes.map(({ title }) => title),
        ),
      },
      locations: (spans.length > 0 ? spans : [{ line: 1, column: 1, start: 0, end: 0 }]).map(
        ({ line, column, start, end }) => ({
          physicalLocation: {
            artifactLocation: { uri: file },
            region: {
              startLine: line,
              startColumn: column,
              charOffset: start,
              charLength: end - start,
            },
          },
          logicalLocations: [{ name: abouts[at], kind: 'member' }],
        }),
      ),
      partialFingerprints: { 'finding/v1': names[at]! },
    }))
  })
  return sarifLog(results, fails)
}
