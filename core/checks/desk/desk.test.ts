import de from '../../locale/generated/locales/de.json'
import enIN from '../../locale/generated/locales/en-IN.json'
import enGB from '../../locale/generated/locales/en-GB.json'
import type { LocaleTable } from '../../locale/types'
import { runChecks } from '../run'
import type { Subject } from '../types'
import { desk } from '.'

const tables = { de, 'en-GB': enGB, 'en-IN': enIN } as unknown as Record<string, LocaleTable>
const withTables = (subject: Subject): Subject => ({
  ...subject,
  context: { ...subject.context, tables },
})

describe.each(Object.entries(desk))('%s', (_, cases) => {
  test.each(cases.map((one) => [one.why, one] as const))('%s', (_why, { subject, due, not }) => {
    const found = runChecks(withTables(subject))
    const ids = found.flatMap(({ check, also = [] }) => [check, ...also.map((one) => one.check)])
    const grave = found.filter(({ severity }) => severity !== 'note').map(({ check }) => check)
    expect({
      missed: due.filter((check) => !ids.includes(check)),
      false: grave.filter((check) => !due.includes(check)),
      unwanted: not.filter((check) => ids.includes(check)),
    }).toEqual({ missed: [], false: [], unwanted: [] })
  })
})
