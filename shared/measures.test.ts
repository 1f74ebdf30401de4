import { holdMeasures } from './measures'
import type { StudyDocument } from './study/document'

const study = (more: object): StudyDocument => ({
  version: 1,
  name: 'S',
  house: {},
  shown: 'q',
  quantities: [
    {
      id: 'q',
      datasetId: 'd',
      column: 'n',
      title: 'Harvest',
      recorded: 0,
      measure: 'kilogram',
      style: {},
      chart: { category: null, aggregate: 'sum' },
      ticks: {},
      ...more,
    },
  ],
})
const unit = (id: string) => ({ unit: { kind: 'measure' as const, id } })

test.each([
  [{ style: unit('tonne') }],
  [{ style: unit('meter'), measure: undefined }],
  [{ surfaces: { axis: unit('pound') } }],
])('%j holds', (more) => expect(() => holdMeasures(study(more))).not.toThrow())

test.each([
  [{ style: unit('meter') }],
  [{ surfaces: { tooltip: unit('meter') } }],
  [{ style: { cases: [{ when: { column: 'site', is: ['a'] }, use: unit('meter') }] } }],
])('%j does not, and the error names quantity and measures', (more) =>
  expect(() => holdMeasures(study(more))).toThrow(
    /“Harvest”: kilogram measures mass and meter measures length/,
  ),
)
