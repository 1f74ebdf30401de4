import { computed, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import type { Regions } from '~~/core/label/region'
import { needsOf } from '~~/core/label/needs'
import type { Style } from '~~/core/style/fields'
import { requestsOnce } from '~/composables/requestsOnce'

type Kind = keyof Regions
/** The kinds of tables, with the ends of their addresses. */
const SUFFIXES: Readonly<Record<Kind, string>> = {
  tables: '',
  currencyNames: '/currencies',
  measureNames: '/measures',
}
const KINDS = Object.keys(SUFFIXES) as Kind[]
type Loaded = { readonly [One in Kind]-?: NonNullable<Regions[One]> }
const NOTHING: Loaded = { tables: {}, currencyNames: {}, measureNames: {} }

const joined = (some: Loaded, more: Loaded): Loaded => ({
  tables: { ...some.tables, ...more.tables },
  currencyNames: { ...some.currencyNames, ...more.currencyNames },
  measureNames: { ...some.measureNames, ...more.measureNames },
})

/** Tables of regions, fetched when a style first needs them. English is part of the program. */
export const useLocaleTables = defineStore('regions', () => {
  const requests = requestsOnce((name, suffix) => `/api/regions/${name}${suffix}`)
  const kept = shallowRef<Loaded>(NOTHING)
  const loaded = computed<Regions>(() => kept.value)

  /** The names of what a style lacks of a kind. */
  function missing(style: Style, kind: Kind): string[] {
    const isAtHand = (name: string) =>
      (kind === 'tables' && name === 'en') || Object.hasOwn(kept.value[kind], name)
    return needsOf(style)[kind].filter((name) => !isAtHand(name))
  }
  const has = (style: Style): boolean => KINDS.every((kind) => missing(style, kind).length === 0)

  async function fetchMissing(styles: readonly Style[]): Promise<Loaded> {
    const asked = KINDS.map(async (kind) => [
      kind,
      await requests.ask(
        styles.flatMap((style) => missing(style, kind)),
        SUFFIXES[kind],
      ),
    ])
    return Object.fromEntries(await Promise.all(asked)) as Loaded
  }

  /** @throws ProblemError when the server does not give them; StyleError for an unknown language */
  async function load(styles: readonly Style[]): Promise<void> {
    const more = await fetchMissing(styles)
    if (KINDS.some((kind) => Object.keys(more[kind]).length > 0))
      kept.value = joined(kept.value, more)
  }
  /**
   * What is loaded, with what one more style needs: for one that speaks labels alone, so that the
   * labels need not be written and checked again.
   *
   * @throws as `load` does
   */
  const loadedWith = async (style: Style): Promise<Regions> =>
    joined(kept.value, await fetchMissing([style]))

  return { loaded, has, load, loadedWith }
})
