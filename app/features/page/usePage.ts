import { pageSurfaces } from '~~/shared/page/surfaces'
import { SURFACES, type Surface } from '~~/core/surfaces'
import type { Decimal } from '~~/core/decimal/decimal'
import { newDocument } from '~~/shared/study/document'
import { pageGraph } from '~~/shared/page/graph'
import type { Level } from '~~/shared/quantities'
import type { Loaded, PageInputs, PageSize, PageValues } from '~~/shared/page/values'
import { flaggedBy, type PlaceSet, standing } from '~/features/margin/cards'
import { useFindings } from '~/features/margin/useFindings'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { useCaseCells, useLoadedCells } from './usePageCells'
import { useDescription } from './useDescription'
import { useSpoken } from './useSpoken'
import { useTooltip } from './useTooltip'
import { useTotals } from './useTotals'
import { useWidths } from './useWidths'

/** What stands in for a study that is on its way. */
const NO_STUDY = newDocument('')
const NO_DATASET: PageInputs['dataset'] = {
  id: '',
  name: '',
  rowCount: 0,
  notices: [],
  columns: [],
}
const NO_QUANTITY: PageInputs['quantity'] = {
  id: '',
  datasetId: '',
  column: '',
  title: '',
  recorded: 0,
  style: {},
  chart: { category: null, aggregate: 'sum' },
  ticks: {},
}

/** The page of the quantity that is shown, following the study. */
function usePageValues() {
  const study = useStudy()
  const tables = useLocaleTables()
  const loaded = shallowRef<Loaded | null>(null)
  const caseCells = shallowRef<PageInputs['caseCells']>([])
  const size = shallowRef<PageSize | null>(null)
  const machine = ref(false)
  const inputs = {
    document: computed(() => study.document ?? NO_STUDY),
    quantity: computed(() => study.quantity ?? NO_QUANTITY),
    dataset: computed(() => study.dataset ?? NO_DATASET),
    regions: computed(() => tables.loaded),
    loaded,
    caseCells,
    size,
    machine,
  }
  const values = liveGraph<PageValues, keyof PageInputs>(pageGraph, inputs)
  const inputsNow = () =>
    Object.fromEntries(
      Object.entries(inputs).map(([name, input]) => [name, input.value]),
    ) as unknown as PageInputs
  const widths = useWidths(inputsNow)
  const trouble = useLoadedCells(values.wanted, loaded)
  useCaseCells(values.caseColumns, caseCells)
  return { values, trouble, size, machine, widths, inputsNow }
}

/** The numbers of a level: those of a surface, or of a part of its marks. */
export type NumbersOf = Exclude<Level, 'house' | 'quantity'>

/**
 * What the page shows of the quantity on it: drawing, labels and findings on every surface, all
 * following the style.
 */
export function usePage() {
  const study = useStudy()
  const { values, trouble, size, machine, widths, inputsNow } = usePageValues()
  const { rows } = values

  const { findings: found, trouble: checkTrouble, ...checks } = useFindings(values.subjects)
  const findings = computed(() =>
    standing(found.value, study.left).filter(({ surface }) => values.shown.value.includes(surface)),
  )
  /** Places of labels with an error or a warning, a surface at a time. */
  const flagged = computed(() => {
    const on = (surface: Surface) =>
      findings.value.filter((one) => one.surface === surface && !one.other)
    return Object.fromEntries(
      SURFACES.map((surface) => [surface, flaggedBy(on(surface))]),
    ) as Readonly<Record<Surface, PlaceSet>>
  })

  const spoken = {
    marks: useSpoken(values['style.marks'], values['context.marks'], values['written.marks']),
    table: useSpoken(values['style.table'], values['context.table'], values['written.table']),
  }
  const description = useDescription(values, spoken.marks)

  const { tipLabel, tipConversion, tipPieces } = useTooltip(values)
  /** The number that a label of a surface stands for. */
  function valueAt(surface: Surface, at: number): Decimal | null | undefined {
    const numbers = values[`numbers.${surface}`].value
    return pageSurfaces[surface].numberAt({ rows: rows.value }, numbers, at)
  }
  const numbersOf = (of: NumbersOf) => values[`numbers.${of}`].value

  return {
    ...values,
    trouble,
    /**
     * Told where the page is laid out, and null where it goes: where nothing is drawn, nothing is
     * crowded.
     */
    setSize: (next: PageSize | null) => (size.value = next),
    setMachine: (isShown: boolean) => (machine.value = isShown),
    findings,
    checks,
    checkTrouble,
    flagged,
    spoken,
    description,
    tipLabel,
    tipConversion,
    tipPieces,
    valueAt,
    numbersOf,
    totals: useTotals(values),
    widths,
    /** What all of it is derived from, as it is now. */
    inputsNow,
  }
}
export type Page = ReturnType<typeof usePage>
