import { checks } from '..'
import { changed, runChecks } from '../run'
import type { Finding, Subject } from '../types'

export { axis, written } from './subjects'

/** Every finding, those that are named in others among them. */
const allFound = (subject: Subject): Finding[] =>
  runChecks(subject).flatMap(({ also = [], ...own }) => [
    own,
    ...also.map((one) => ({ ...one, fixes: [] })),
  ])

/** What a check says of a subject, by itself or named in another of its cause. */
export const found = (subject: Subject, check: string): Finding | undefined =>
  allFound(subject).find((finding) => finding.check === check)

const errorsOf = (subject: Subject): string[] =>
  allFound(subject)
    .filter(({ severity }) => severity === 'error')
    .map(({ check }) => check)

/**
 * Tests what a check must find and must not; where it offers a fix, that the fix holds and brings
 * no error.
 */
export function describeCheck(
  id: string,
  {
    finds,
    silent,
  }: { finds: Readonly<Record<string, Subject>>; silent: Readonly<Record<string, Subject>> },
): void {
  describe(id, () => {
    test('is one of the checks', () => expect(checks.map((check) => check.id)).toContain(id))
    test.each(Object.entries(finds))('finds %s', (_, subject) => {
      const finding = found(subject, id)
      expect(finding).toBeDefined()
      expect(finding!.message).toMatch(/\d|“/)
      const before = errorsOf(subject)
      for (const fix of finding!.fixes) {
        const after = changed(subject, fix)
        expect(found(after, id)).toBeUndefined()
        expect(before).toEqual(expect.arrayContaining(errorsOf(after)))
      }
    })
    test.each(Object.entries(silent))('is silent on %s', (_, subject) =>
      expect(found(subject, id)).toBeUndefined(),
    )
  })
}
