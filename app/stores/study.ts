import { defineStore } from 'pinia'
import type { Surface } from '~~/core/checks/types'
import { inherit } from '~~/core/style/inherit'
import type { Style } from '~~/core/style/fields'
import type { AskedOrder } from '~~/shared/import/dates'
import type { Left, Quantity } from '~~/shared/study/quantity'
import { LONGEST_WHAT, type NewColumn } from '~~/shared/study/requests'
import type { Study } from '~~/shared/study/study'
import type { StudyDocument } from '~~/shared/study/document'
import { stylesIn, withOwn } from '~~/shared/quantities'
import { useHistory } from './history'
import { ProblemError, request } from '~/composables/request'
import { useLocaleTables } from './localeTables'

export type SaveState = 'saved' | 'saving' | 'failed' | 'conflict'

/** Changes are gathered this long before they are saved, so that a drag is one revision. */
const SAVE_DELAY = 400
const RETRY_DELAY = 4000
const NOTHING_LEFT: readonly Left[] = []

/** The study on the desk: what people decide, saved by itself as they decide it. */
export const useStudy = defineStore('study', () => {
  const regions = useLocaleTables()
  const id = ref('')
  const document = shallowRef<StudyDocument | null>(null)
  const datasets = shallowRef<Study['datasets']>([])
  const revision = ref(0)
  const state = ref<SaveState>('saved')
  const trouble = ref('')
  /** Why a change of style was not made. */
  const refused = ref('')
  /** What stands on the server where two tabs met. */
  const newer = shallowRef<Study | null>(null)
  let unsaved: { what: string } | null = null
  let running: Promise<void> | null = null

  const quantity = computed<Quantity | null>(
    () => document.value?.quantities.find((one) => one.id === document.value!.shown) ?? null,
  )
  const style = computed<Style>(() =>
    inherit(document.value?.house ?? {}, quantity.value?.style ?? {}),
  )
  /** Findings of the quantity that are let stand; the same list until it is changed, so that a change of style leaves the margin alone. */
  const left = computed<readonly Left[]>(() => quantity.value?.left ?? NOTHING_LEFT)
  const readers = computed(() => document.value?.readers)
  const dataset = computed(
    () => datasets.value.find((one) => one.id === quantity.value?.datasetId) ?? null,
  )

  function settle(study: Study) {
    id.value = study.id
    document.value = study.document
    datasets.value = study.datasets
    revision.value = study.revision
    state.value = 'saved'
    trouble.value = ''
    newer.value = null
    unsaved = null
  }
  function take(study: Study) {
    settle(study)
    history.recall(study.id, study.revision)
  }

  /** Labels are never shown by another region's rules: the tables come first. */
  async function takeWithRegions(study: Study) {
    await regions.load(stylesIn(study.document))
    take(study)
  }
  const open = async (studyId: string) =>
    takeWithRegions(await request<Study>(`/api/studies/${studyId}`))

  const history = useHistory<StudyDocument>()

  /** Whether the last changes are moves of one drag, or of keys in one go, which are undone at once. */
  let isMoving = false
  let isHeld = false

  function change(what: string, next: StudyDocument, moves = false) {
    const goesOn = moves && isMoving && (isHeld || unsaved !== null)
    if (goesOn) history.rename(what)
    else if (document.value) history.keep(document.value, what)
    put(what, next, moves)
  }

  /** What moves next is a step of its own. */
  function letGo() {
    isMoving = false
  }
  /** A drag is one step, however long it takes. */
  function hold(isDown: boolean) {
    letGo()
    isHeld = isDown
  }

  function put(what: string, next: StudyDocument, moves = false) {
    isMoving = moves
    document.value = next
    unsaved = { what: what.slice(0, LONGEST_WHAT) }
    if (state.value !== 'conflict') schedule(SAVE_DELAY)
  }

  const saving = debounce(() => void flush())
  function schedule(delay: number) {
    state.value = 'saving'
    saving.ask(delay)
  }

  /** Saves what is not saved yet; one request at a time. */
  async function flush(): Promise<void> {
    saving.forget()
    if (running) await running
    if (!unsaved || state.value === 'conflict') return
    running = save(unsaved.what).finally(() => {
      running = null
    })
    await running
    if (unsaved && state.value === 'saved') schedule(0)
  }

  async function save(what: string) {
    unsaved = null
    try {
      const answer = await request<{ revision: number }>(
        `/api/studies/${id.value}`,
        { base: revision.value, document: document.value, what },
        'PUT',
      )
      revision.value = answer.revision
      history.store(id.value, answer.revision)
      state.value = 'saved'
      trouble.value = ''
    } catch (error) {
      unsaved ??= { what }
      trouble.value = (error as Error).message
      if (error instanceof ProblemError && error.status === 409) {
        newer.value = error.body.current as Study
        state.value = 'conflict'
      } else {
        state.value = 'failed'
        saving.ask(RETRY_DELAY)
      }
    }
  }

  /** After a conflict: save this tab's document over the newer one, which stays as a revision. */
  async function keepMine() {
    if (!newer.value) return
    revision.value = newer.value.revision
    newer.value = null
    state.value = 'saving'
    await flush()
  }

  /** After a conflict: show what the other tab saved. */
  async function takeTheirs() {
    if (newer.value) await takeWithRegions(newer.value)
  }

  /** Takes back the last steps. */
  function undo(count = 1) {
    let reached = document.value
    for (let step = 0; step < count && reached; step++) reached = history.back(reached) ?? reached
    if (reached && reached !== document.value)
      put(count === 1 ? 'Undo' : `Undo ${count} steps`, reached)
  }
  function redo() {
    const next = document.value && history.forth(document.value)
    if (next) put('Redo', next)
  }

  function changeQuantity(what: string, by: (quantity: Quantity) => Quantity, moves?: boolean) {
    const now = document.value
    if (!now) return
    change(
      what,
      { ...now, quantities: now.quantities.map((one) => (one.id === now.shown ? by(one) : one)) },
      moves,
    )
  }

  /**
   * Makes a change once the tables of its regions are here.
   *
   * @param stays what stays as it was where they do not come, for the message
   */
  async function withTables(styles: readonly Style[], act: () => void, stays: string) {
    refused.value = ''
    try {
      if (!styles.every(regions.has)) await regions.load(styles)
      act()
    } catch (error) {
      refused.value = `${stays} as it was: ${(error as Error).message}`
    }
  }
  /** Changes the shown quantity, and with it what is set on one of its surfaces. */
  function changeStyled(
    what: string,
    surface: Surface,
    patch: Style,
    by: (quantity: Quantity) => Quantity,
    moves?: boolean,
  ) {
    const now = document.value
    if (!now?.shown) return
    const styled = withOwn(now, now.shown, surface, (own) => ({ ...own, ...patch }))
    change(
      what,
      {
        ...styled,
        quantities: styled.quantities.map((one) => (one.id === now.shown ? by(one) : one)),
      },
      moves,
    )
  }
  /** Sets where the ticks stand, and with it the axis's style that goes with them. */
  const setTicks = (
    what: string,
    ticks: Quantity['ticks'],
    { moves = false, style = {} }: { moves?: boolean; style?: Style } = {},
  ) => changeStyled(what, 'axis', style, (one) => ({ ...one, ticks }), moves)
  /** Changes what the chart shows of the quantity. */
  const setChart = (what: string, patch: Partial<Quantity['chart']>) =>
    changeQuantity(what, (one) => ({ ...one, chart: { ...one.chart, ...patch } }))
  const setTotal = (what: string, total: Quantity['total']) =>
    changeQuantity(what, (one) => ({ ...one, total }))
  /** Lets findings stand, for a reason that is kept with them. */
  const leave = (findings: readonly Pick<Left, 'surface' | 'check'>[], reason: string) =>
    changeQuantity(`Leave it: ${reason}`, (one) => ({
      ...one,
      left: [
        ...(one.left ?? []),
        ...findings.map(({ surface, check }) => ({ surface, check, reason })),
      ],
    }))
  const takeBack = (back: readonly Left[]) =>
    changeQuantity('Take back what was left', (one) => ({
      ...one,
      left: one.left?.filter((other) => !back.includes(other)),
    }))
  /** Declares who will read the study, once their regions' tables are here. */
  const setReaders = (locales: string[]) =>
    withTables(
      locales.map((locale) => ({ locale })),
      () => {
        if (document.value)
          change(`Readers: ${locales.join(', ') || 'one region'}`, {
            ...document.value,
            readers: locales.length > 0 ? locales : undefined,
          })
      },
      'The choice of readers stays',
    )
  const show = (quantityId: string) =>
    document.value && change('Show another quantity', { ...document.value, shown: quantityId })

  /** What is not saved would be lost with the study that comes back. */
  async function saveAll() {
    await flush()
    if (unsaved)
      throw new Error(
        state.value === 'conflict'
          ? 'The study was changed in another tab. Choose “Take theirs” or “Keep mine” first, at the top.'
          : trouble.value,
      )
  }

  async function bringIn(name: string, text: string, dates?: Record<string, AskedOrder>) {
    await saveAll()
    const [before, base] = [document.value, revision.value]
    const study = await request<Study>(`/api/studies/${id.value}/datasets`, { name, text, dates })
    // What another tab saved meanwhile came with it, and no step leads back over that.
    if (!before || study.revision !== base + 1) return take(study)
    settle(study)
    letGo()
    history.keep(before, `Bring in ${name}`)
    history.store(study.id, study.revision)
  }

  async function derive(column: NewColumn) {
    await saveAll()
    if (dataset.value)
      take(
        await request<Study>(
          `/api/studies/${id.value}/datasets/${dataset.value.id}/columns`,
          column,
        ),
      )
  }

  return {
    id,
    document,
    datasets,
    dataset,
    revision,
    state,
    trouble,
    refused,
    newer,
    quantity,
    left,
    style,
    readers,
    open,
    flush,
    keepMine,
    takeTheirs,
    change,
    letGo,
    hold,
    changeQuantity,
    changeStyled,
    withTables,
    setTicks,
    setChart,
    setTotal,
    leave,
    takeBack,
    setReaders,
    undo,
    redo,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    steps: history.steps,
    show,
    bringIn,
    derive,
  }
})
