import { valueSaid } from '~~/shared/page/totals'
import type { PageValues } from '~~/shared/page/values'
import type { useSpoken } from './useSpoken'

type Needed = 'drawing' | 'shows.marks' | 'adjusted.marks'

/** The chart in words: every labelled category with what its label says. */
export function useDescription(
  page: Live<Pick<PageValues, Needed>>,
  speaker: ReturnType<typeof useSpoken>,
) {
  return computed(() => {
    const say = speaker.value
    const { drawing } = page
    if (!drawing.value) return ''
    const { values, rows } = page['shows.marks'].value
    const adjusted = page['adjusted.marks'].value
    const words = (at: number) =>
      say ? say(valueSaid(adjusted.get(at), values[at]), rows?.[at]) : ''
    return drawing.value.labelled
      .map((place, at) => `${drawing.value!.groups[place]!.category}: ${words(at)}`)
      .join('; ')
  })
}
