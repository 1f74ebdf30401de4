import type { Quantity } from '../shared/study/quantity'
import type { Study } from '../shared/study/study'
import type { StudyDocument } from '../shared/study/document'
import { withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })

async function api<Answer>(
  path: string,
  body?: unknown,
  method = body === undefined ? 'GET' : 'POST',
): Promise<Answer> {
  const { url } = desk.program
  const answer = await fetch(url + path, {
    method,
    headers: { 'content-type': 'application/json', origin: url },
    body: body === undefined ? undefined : JSON.stringify(body),
  })
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`)
  return answer.json() as Promise<Answer>
}

type Patch = Partial<
  Pick<Quantity, 'style' | 'surfaces' | 'ticks' | 'kind' | 'total' | 'chart' | 'texts'>
>
interface Case {
  /** A quantity of the demo, or a table of its own. */
  readonly title?: string
  readonly table?: string
  readonly patch?: Patch
  readonly readers?: string[]
  /** Whether no style can mend it, so that it is left with a reason. */
  readonly isLeft?: boolean
}

/** Shows a quantity with a patch of what was decided about it. */
async function show({ title, table, patch, readers }: Case): Promise<void> {
  // What the page did in the scene before is saved first.
  if (desk.page.url().startsWith(desk.program.url))
    await desk.page.getByRole('status').getByText('Saved', { exact: true }).waitFor()
  const demo = (await api<{ id: string; name: string }[]>('/api/studies')).find(({ name }) =>
    name.startsWith('Osprind'),
  )!
  const id =
    table === undefined
      ? demo.id
      : (await api<{ id: string }>('/api/studies', { name: 'Own table' })).id
  if (table !== undefined) await api(`/api/studies/${id}/datasets`, { name: 'own', text: table })
  const study = await api<Study>(`/api/studies/${id}`)
  const shown = study.document.quantities.find((one) => title === undefined || one.title === title)!
  const document: StudyDocument = {
    ...study.document,
    readers,
    shown: shown.id,
    quantities: study.document.quantities.map((one) =>
      one.id === shown.id
        ? {
            ...one,
            left: undefined,
            surfaces: undefined,
            filter: undefined,
            texts: undefined,
            ...patch,
          }
        : one,
    ),
  }
  await api(`/api/studies/${id}`, { base: study.revision, document, what: 'Set the scene' }, 'PUT')
  await desk.page.goto(`${desk.program.url}/study/${id}`)
}

const euros = { kind: 'currency', code: 'EUR' } as const
const millions: Patch = {
  style: { notation: 'scaled', rung: 6, fraction: [0, 0], unit: euros },
  ticks: { step: '250000' },
}
const revenue = { title: 'Revenue', patch: millions }
const cases: Record<string, Case> = {
  'step-hidden': revenue,
  'same-label': revenue,
  vanished: revenue,
  'uneven-steps': revenue,
  misread: revenue,
  'order-reversed': {
    title: 'growth',
    patch: { style: { sign: 'never', unit: { kind: 'percent' }, fraction: [0, 1] } },
  },
  'wrong-tick-label': {
    title: 'Revenue',
    patch: {
      style: { fraction: [0, 0], unit: euros },
      ticks: { step: '500000', labels: ['', '€1M'] },
    },
  },
  'style-refused': {
    title: 'Revenue',
    patch: { style: { notation: 'scaled', rung: 4, unit: euros } },
  },
  'mixed-units': {
    table: 'shop,revenue,currency\nQuay,1250.5,EUR\nMill,830,GBP\nDock,2400,EUR',
    patch: { style: { unit: { kind: 'currency', code: { column: 'currency' } } } },
  },
  'unit-unconverted': {
    title: 'Extract',
    patch: {
      style: {
        unit: { kind: 'symbol', text: 'l' },
        cases: [
          {
            when: { column: 'species', is: ['crown kelp'] },
            use: { unit: { kind: 'symbol', text: 'm³' } },
          },
        ],
      },
    },
  },
  'text-as-number': {
    table: 'site,kg\nHolm,1\nVik,2\nTarn,3\nGull,4\nNorth,about 5',
    isLeft: true,
  },
  'inexact-input': { table: 'grains\n123456789012345680000\n22345678901234568000', isLeft: true },
  'does-not-add-up': {
    table: 'site,part\nHolm,3.4\nVik,5.4\nTarn,2.4',
    patch: { style: { fraction: [0, 0] }, total: 'plain' },
  },
  'shares-not-100': {
    table: 'site,part\nHolm,0.3333\nVik,0.3333\nTarn,0.3334',
    patch: { style: { unit: { kind: 'percent' }, fraction: [0, 0] }, kind: 'shares' },
  },
  'unclear-marks': { title: 'Harvest', readers: ['en', 'de'] },
  'mixed-rungs': {
    title: 'Harvest',
    patch: {
      style: { notation: 'scaled', fraction: [0, 1] },
      chart: { category: 'site', aggregate: 'sum' },
      ticks: { domain: ['0', '2000000'] },
    },
  },
  'mixed-notation': {
    title: 'Nitrate',
    patch: { style: { notation: 'scientific', fraction: [0, 1] } },
  },
  'rung-overflow': {
    title: 'Spores released',
    patch: { style: { notation: 'scaled', rung: 9, fraction: [0, 1] } },
  },
  crowded: { title: 'Spores released', patch: { style: {} } },
  'split-count': { title: 'Harvest', patch: { style: { fraction: [1, 1] }, kind: 'count' } },
  'float-noise': {
    table: 'site,sum\nHolm,0.30000000000000004\nVik,0.7\nTarn,0.1',
    patch: { style: { fraction: [0, 20] } },
  },
  'idle-zeros': { title: 'Harvest', patch: { style: { fraction: [2, 2] } } },
  'too-fine': {
    table: 'site,depth\nHolm,1.2345678\nVik,5.1234567\nTarn,9.2345671',
    patch: { style: { fraction: [0, 7] } },
  },
  'unit-lost': {
    title: 'Revenue',
    patch: {
      style: { notation: 'scaled', rung: 6, fraction: [1, 1], unit: euros, unitAt: 'title' },
    },
  },
  'surfaces-disagree': {
    title: 'growth',
    patch: {
      style: { unit: { kind: 'percent' }, fraction: [0, 1] },
      surfaces: { tooltip: { sign: 'never' } },
      chart: { category: null, aggregate: 'sum', order: 'rows' },
    },
    isLeft: true,
  },
  'difference-mismatch': {
    table: 'site,part\nHolm,3.4\nVik,5.4\nTarn,2.6',
    patch: {
      style: { fraction: [0, 0] },
      chart: { category: 'site', aggregate: 'sum', parts: ['value', 'change'], lines: 2 },
    },
  },
  'bin-edge': {
    table: 'site,kg\nHolm,0.7\nVik,1.2\nTarn,0.1\nGull,1.9',
    patch: {
      style: { fraction: [0, 0] },
      chart: { category: 'site', aggregate: 'sum', shaded: true },
    },
  },
  'raw-number': {
    title: 'Revenue',
    patch: {
      style: { notation: 'scaled', rung: 6, fraction: [2, 2], unit: euros },
      texts: { sentence: '{$largest} of 7 sites' },
    },
    isLeft: true,
  },
  'unfamiliar-rung': {
    title: 'Spores released',
    patch: { style: { notation: 'scaled', rung: 15, fraction: [0, 4] } },
  },
}

test.each(Object.entries(cases))(
  '%s is seen in the margin, and mended or left with a reason',
  async (check, scene) => {
    const { page } = desk
    await show(scene)
    const card = page.locator(`article[data-checks~="${check}"]`).first()
    await card.waitFor()
    const surface = (await card.getAttribute('data-on'))!.split(' ')[0]
    const standing = page.locator(`article[data-checks~="${check}"][data-on~="${surface}"]`)
    if (scene.isLeft) {
      await card.getByRole('button', { name: 'Dismiss' }).click()
      await page.getByLabel('Why is this fine?').fill('The source is asked')
      await page.getByLabel('Why is this fine?').press('Enter')
      await page.getByText('dismissed: The source is asked').waitFor()
    } else await card.locator('[data-fix]').first().click()
    await standing.waitFor({ state: 'detached' })
    expect(await standing.count()).toBe(0)
  },
)
