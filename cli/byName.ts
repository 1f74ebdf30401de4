/**
 * What is called by a name: the one that is called just so; where none is, the only one that is but
 * for its capitals.
 *
 * @param namesOf what each of them may be called by
 * @example byName([{ title: 'Revenue' }], 'revenue', ({ title }) => [title]) // { title: 'Revenue' }
 */
export function byName<One>(
  all: readonly One[],
  wanted: string,
  namesOf: (one: One) => readonly string[],
): One | undefined {
  const exact = all.find((one) => namesOf(one).includes(wanted))
  if (exact) return exact
  const folded = wanted.toLocaleLowerCase('en')
  const alike = all.filter((one) =>
    namesOf(one).some((name) => name.toLocaleLowerCase('en') === folded),
  )
  return alike.length === 1 ? alike[0] : undefined
}
