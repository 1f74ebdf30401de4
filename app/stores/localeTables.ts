import { computed, shallowRef } from 'vue'
import { defineStore } from 'pinia'
import type { Regions } from '~~/core/label/resolve'
import { needsOf } from '~~/core/locale/needs'
import type { CurrencyNames, LocaleTable } from '~~/core/locale/types'
import type { Style } from '~~/core/style/fields'
import { request } from '~/composables/request'

/** Tables of regions, fetched when a style first needs them. English is part of the program. */
export const useLocaleTables = defineStore('regions', () => {
  const tables = shallowRef<Record<string, LocaleTable>>({})
  const currencyNames = shallowRef<Record<string, CurrencyNames>>({})
  const loaded = computed<Regions>(() => ({
    tables: tables.value,
    currencyNames: currencyNames.value,
  }))

  function missing(style: Style) {
    const needs = needsOf(style)
    return {
      tables: needs.tables.filter((name) => name !== 'en' && !tables.value[name]),
      currencyNames: needs.currencyNames.filter((name) => !currencyNames.value[name]),
    }
  }
  function has(style: Style): boolean {
    const lacking = missing(style)
    return lacking.tables.length + lacking.currencyNames.length === 0
  }

  async function fetchMissing(styles: readonly Style[]) {
    const lacking = styles.map(missing)
    const fetched = async <Table>(
      names: readonly string[],
      suffix: string,
    ): Promise<Record<string, Table>> =>
      Object.fromEntries(
        await Promise.all(
          [...new Set(names)].map(
            async (name) => [name, await ask<Table>(`/api/regions/${name}${suffix}`)] as const,
          ),
        ),
      )
    const [moreTables, moreNames] = await Promise.all([
      fetched<LocaleTable>(
        lacking.flatMap((one) => one.tables),
        '',
      ),
      fetched<CurrencyNames>(
        lacking.flatMap((one) => one.currencyNames),
        '/currencies',
      ),
    ])
    return { moreTables, moreNames }
  }
  /** What was asked for already comes from there. */
  const answers = new Map<string, Promise<unknown>>()
  function ask<Table>(address: string): Promise<Table> {
    const answer = answers.get(address) ?? request<Table>(address)
    answers.set(address, answer)
    answer.catch(() => answers.delete(address))
    return answer as Promise<Table>
  }

  /** @throws ProblemError when the server does not give them; StyleError for an unknown language */
  async function load(styles: readonly Style[]): Promise<void> {
    const { moreTables, moreNames } = await fetchMissing(styles)
    if (Object.keys(moreTables).length > 0) tables.value = { ...tables.value, ...moreTables }
    if (Object.keys(moreNames).length > 0)
      currencyNames.value = { ...currencyNames.value, ...moreNames }
  }
  /**
   * What is loaded, with what one more style needs: for one that speaks labels alone, so that the
   * labels need not be written and checked again.
   *
   * @throws as `load` does
   */
  async function loadedWith(style: Style): Promise<Regions> {
    const { moreTables, moreNames } = await fetchMissing([style])
    return {
      tables: { ...tables.value, ...moreTables },
      currencyNames: { ...currencyNames.value, ...moreNames },
    }
  }

  return { loaded, has, load, loadedWith }
})
