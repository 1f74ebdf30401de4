/**
 * How a value may follow what it needs where those change under a hand. Evaluated at once, all of
 * these are the same.
 * - `same`: it keeps its identity while it says the same, so that what needs it is not made anew
 * - `settles`: it follows when the hand has rested for so many milliseconds
 * - `shrinks`: it grows at once, and shrinks when the hand has rested for so many milliseconds;
 *   where
 *   it is of another thing than before, it follows at once
 */
export interface Pace<Values = never> {
  readonly same?: true
  readonly settles?: number
  readonly shrinks?: { readonly after: number; readonly of: (values: Values) => unknown }
}

/** One value of a graph: what it needs, and how it is made from that and nothing else. */
export interface Derivation<Values, Value> extends Pace<Values> {
  readonly needs: readonly (keyof Values)[]
  /** @param values asked for as they are looked at; only what is needed is there */
  readonly make: (values: Values) => Value
}

/** Derivations of some values from all values of a graph. */
export type Derivations<Values, Names extends keyof Values = keyof Values> = {
  readonly [Name in Names]: Derivation<Values, Values[Name]>
}

/**
 * Makes derivations of one graph.
 *
 * @example const from = deriving<Values>(); from(['a', 'b'], ({ a, b }) => a + b)
 */
export const deriving =
  <Values>() =>
  <const Need extends keyof Values, Value>(
    needs: readonly Need[],
    make: (values: Pick<Values, Need>) => Value,
    pace: Pace<Pick<Values, Need>> = {},
  ): Derivation<Values, Value> => ({
    needs,
    make: make as (values: Values) => Value,
    ...(pace as Pace<Values>),
  })

/**
 * Names of a graph's values, each after those that it needs.
 *
 * @throws Error naming a circle, or a value that something needs and nothing gives
 */
export function inOrder<Values>(
  graph: Partial<Derivations<Values>>,
  given: readonly (keyof Values)[],
): (keyof Values)[] {
  const done = new Set<keyof Values>(given)
  const under = new Set<keyof Values>()
  function visit(name: keyof Values, trail: readonly (keyof Values)[]) {
    if (done.has(name)) return
    const path = [...trail, name]
    if (under.has(name)) throw new Error(`These need each other: ${path.join(', ')}`)
    const derivation = graph[name]
    if (!derivation) throw new Error(`Nothing gives what is needed: ${path.join(', ')}`)
    under.add(name)
    for (const need of derivation.needs) visit(need, path)
    under.delete(name)
    done.add(name)
  }
  for (const name of Object.keys(graph) as (keyof Values)[]) visit(name, [])
  return [...done].filter((name) => !given.includes(name))
}

/** What a value was made from, and what came of it. */
interface Made {
  readonly from: readonly (readonly [need: PropertyKey, value: unknown])[]
  readonly value: unknown
  /** What it says, where it keeps its identity. */
  readonly said?: string
}
/** What was made of a graph before. */
export type Memory = Map<PropertyKey, Made>
export const newMemory = (): Memory => new Map()

/** Makes a value, or takes the one that was made of the same things before. */
function remembered<Values extends object, Value>(
  name: PropertyKey,
  { make, same }: Derivation<Values, Value>,
  values: Values,
  memory: Memory,
): Value {
  const before = memory.get(name)
  const isAsBefore = before?.from.every(([need, value]) => values[need as keyof Values] === value)
  if (isAsBefore) return before!.value as Value
  const from: [PropertyKey, unknown][] = []
  const watched = new Proxy(values, {
    get(all, need) {
      const value = all[need as keyof Values]
      from.push([need, value])
      return value
    },
  })
  const value = make(watched)
  const said = same && JSON.stringify(value)
  const kept = said !== undefined && before?.said === said ? (before.value as Value) : value
  memory.set(name, { from, value: kept, said })
  return kept
}

/**
 * A graph's values at one moment, each made when it is first looked at.
 *
 * @param given what nothing derives
 * @param memory of the same graph at other moments: what was made of the same things is taken over
 * @example evaluate({ sum: from(['a', 'b'], ({ a, b }) => a + b) }, { a: 1, b: 2 }).sum // 3
 */
export function evaluate<Values extends object, Given extends Partial<Values>>(
  graph: Derivations<Values, Exclude<keyof Values, keyof Given>>,
  given: Given,
  memory?: Memory,
): Readonly<Values> {
  const values = { ...given } as unknown as Values
  for (const name of Object.keys(graph) as Exclude<keyof Values, keyof Given>[]) {
    Object.defineProperty(values, name, {
      enumerable: true,
      configurable: true,
      get() {
        const value = memory
          ? remembered(name, graph[name], values, memory)
          : graph[name].make(values)
        Object.defineProperty(values, name, { value, enumerable: true })
        return value
      },
    })
  }
  return values
}
