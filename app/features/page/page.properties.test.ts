import { computed, effectScope, nextTick, ref, shallowRef } from 'vue'
import { StyleError } from '../../../core/error'
import { part } from '../../../core/testing/part'
import { inOrder } from '../../../shared/graph/derivation'
import { runPlaced } from '../../../shared/page/check'
import { PAGE_INPUTS, pageGraph } from '../../../shared/page/graph'
import { USUAL_SIZE } from '../../../shared/page/layout'
import { pageSnapshot } from '../../../shared/page/snapshot'
import type { Derived, PageInputs, PageValues } from '../../../shared/page/values'
import { studyFindings } from '../../../shared/report/findings'
import type { StudyDocument } from '../../../shared/study/document'
import { liveGraph } from '../../composables/liveGraph'
import { cellsOf, dataset, studies } from './testing/studies'

/** What a study says, or why a style of it cannot be resolved beside these numbers. */
function orTrouble(say: () => string[]): string[] {
  try {
    return say()
  } catch (error) {
    if (error instanceof StyleError) return [error.message]
    throw error
  }
}
/** What is found of a page, as text. */
const findingsOf = (subjects: PageValues['subjects']) =>
  subjects.flatMap(({ surface, other, subject }) =>
    runPlaced(subject).map(
      ({ check, message, at }) =>
        `${other?.title ?? 'Catch'} ${surface} ${check} ${at.length} ${message}`,
    ),
  )

/** What a report on the study's file says of its first quantity. */
function reported(document: StudyDocument): string[] {
  const findings = (quantities: StudyDocument['quantities']) =>
    studyFindings({
      document: { ...document, quantities },
      datasets: [dataset],
      regions: {},
      cellsOf: (_, name) => cellsOf(name),
    })
  const others = findings(document.quantities.slice(1))
  return findings(document.quantities)
    .slice(0, others.length === 0 ? undefined : -others.length)
    .map(
      ({ quantity, surface, check, message, at }) =>
        `${quantity} ${surface} ${check} ${at.length} ${message}`,
    )
}

test('the graph has an order, and each value looks at nothing but what it says that it needs', () => {
  expect(inOrder<PageValues>(pageGraph, PAGE_INPUTS)).toHaveLength(Object.keys(pageGraph).length)
  for (const inputs of studies.slice(0, 12)) {
    const page = pageSnapshot({ ...inputs, cellsOf })
    for (const name of Object.keys(pageGraph) as Derived[]) {
      const { needs, make } = pageGraph[name]
      const only = new Proxy(page, {
        get(values, asked) {
          if (!(needs as readonly PropertyKey[]).includes(asked))
            throw new Error(`${name} looks at ${String(asked)}`)
          return values[asked as keyof PageValues]
        },
      })
      expect(() => make(only)).not.toThrow()
    }
  }
})

test('a page that follows the study finds what a report on its file finds, crowding included', async () => {
  expect(studies.length).toBeGreaterThan(part(30, 200))
  const scope = effectScope()
  const input = shallowRef(studies[0]!)
  const live = scope.run(() => {
    const given = {
      document: computed(() => input.value.document),
      quantity: computed(() => input.value.quantity),
      dataset: ref(dataset),
      regions: shallowRef({}),
      size: shallowRef(USUAL_SIZE),
      machine: ref(false),
    }
    const caseCells = shallowRef<PageInputs['caseCells']>([])
    const loaded = shallowRef<PageInputs['loaded']>(null)
    const page = liveGraph<PageValues, keyof PageInputs>(pageGraph, { ...given, loaded, caseCells })
    return { page, loaded, caseCells }
  })!
  const found: string[] = []
  for (const one of studies) {
    input.value = one
    live.loaded.value = { wanted: live.page.wanted.value, cellsOf }
    live.caseCells.value = live.page.caseColumns.value.map((name) => [name, cellsOf(name)] as const)
    await nextTick()
    const own = orTrouble(() => reported(one.document))
    expect(orTrouble(() => findingsOf(live.page.subjects.value))).toEqual(own)
    found.push(...own)
  }
  scope.stop()
  expect(found.some((one) => one.includes(' crowded '))).toBe(true)
  expect(new Set(found.map((one) => one.split(' ')[2])).size).toBeGreaterThan(8)
})
