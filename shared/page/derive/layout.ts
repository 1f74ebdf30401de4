import { smallerSize } from '../../../core/checks/layouts'
import { machineLabel } from '../../../core/label/machine'
import { textWidth } from '../../../core/text/advance'
import { LEADING } from '../../forms/places'
import type { ChartForm, Geometry } from '../../forms/types'
import type { ChartWishes } from '../../study/chart'
import {
  axisRoomOf,
  chartWidthOf,
  gridOf,
  lineOf,
  marksRoomOf,
  MOST_ENDS,
  NO_LABELS,
  panelDrawings,
  rooms,
  USUAL_FONT_SIZE,
  USUAL_SIZE,
} from '../layout'
import { linesOf } from '../marks'
import { from, type PageValues, type PanelDrawing } from '../values'

/** Milliseconds after which the hand rests. */
const RESTS = 600
/** A line for what a machine writes under an axis below, in parts of the font size. */
const UNDER = 1.3

const LAID_OUT = [
  'form',
  'chart',
  'grid',
  'fontSize',
  'labelRoom',
  'shown',
  'machineRoom',
  'endRoom',
  'turnedRoom',
  'drawing',
  'second',
] as const
/** Labels are turned over marks that stand. */
const isTurned = ({ turned }: ChartWishes, { canLie }: ChartForm): boolean =>
  Boolean(turned && canLie)

/** The width of the longest line of a mark's label. */
const longestLine = (
  beside: PageValues['beside'],
  labels: readonly string[],
  fontSize: number,
): number =>
  labels.reduce(
    (most, _, i) => Math.max(most, textWidth(lineOf(beside, labels, i, 0), fontSize, '600')),
    0,
  )

/** Where everything of a panel stands. */
function geometryOf(
  page: Pick<PageValues, (typeof LAID_OUT)[number]>,
  panel: PanelDrawing,
): Geometry {
  const { form, chart, grid, fontSize, second, shown } = page
  const { labelRoom, machineRoom, endRoom, turnedRoom } = page
  const beside = panel.hasAxis ? labelRoom + machineRoom : NO_LABELS.axis
  const names = page.drawing!.groups.map(({ category }) => category)
  return form.layout(panel.drawing, {
    width: grid.width,
    height: grid.height,
    fontSize,
    left: Math.min(grid.width / 2, beside),
    names: rooms.names(names, fontSize),
    ends:
      form.labelsEnds && shown.includes('marks')
        ? Math.min(grid.width * MOST_ENDS, endRoom)
        : NO_LABELS.ends,
    // Turned labels need their length above their marks.
    lines: turnedRoom > 0 ? Math.ceil(turnedRoom / (fontSize * LEADING)) : linesOf(chart),
    second: second && {
      ticks: second.ticks,
      marks: second.marks,
      room: rooms.second(second.labels, fontSize),
    },
    under: form.axis === 'below' && machineRoom > 0 ? fontSize * UNDER : 0,
  })
}

/** Where everything of the chart stands. */
export const layoutDerivations = {
  fontSize: from(['layout'], ({ layout }) => layout.fontSize ?? USUAL_FONT_SIZE),
  markSize: from(['fontSize', 'chart'], ({ fontSize, chart }) =>
    chart.small ? smallerSize(fontSize) : fontSize,
  ),
  chartWidth: from(['layout', 'shown', 'machine', 'size'], ({ layout, shown, machine, size }) =>
    chartWidthOf(layout, { hasTable: shown.includes('table'), machine }, size ?? USUAL_SIZE),
  ),
  grid: from(
    ['drawing', 'form', 'hasOwnScales', 'chartWidth', 'size', 'shown'],
    ({ drawing, form, hasOwnScales, chartWidth, size, shown }) =>
      gridOf(
        // Labels of an axis below need more width than a part of the chart has.
        {
          count: drawing?.panels.length ?? 1,
          isStacked: hasOwnScales && form.axis === 'below',
        },
        chartWidth,
        size ?? USUAL_SIZE,
        { hasLegend: shown.includes('legend'), hasColours: Boolean(drawing?.stacks) },
      ),
    { same: true },
  ),
  panels: from(['drawing', 'form', 'grid', 'shown'], ({ drawing, form, grid, shown }) =>
    drawing
      ? panelDrawings(drawing, {
          across: grid.across,
          isBelow: form.axis === 'below',
          hasAxis: shown.includes('axis'),
        })
      : [],
  ),
  labelRoom: from(
    ['loaded', 'tickLabels', 'fontSize'],
    ({ tickLabels, fontSize }) => rooms.axis(tickLabels, fontSize),
    { shrinks: { after: RESTS, of: ({ loaded }) => loaded } },
  ),
  machineLabels: from(['machine', 'shown', 'form', 'shows.axis'], (page) =>
    page.machine && page.shown.includes('axis') && page.form.axis !== 'none'
      ? page['shows.axis'].values.map(machineLabel)
      : [],
  ),
  machineRoom: from(['machineLabels', 'fontSize'], ({ machineLabels, fontSize }) =>
    machineLabels.length > 0 ? rooms.machine(machineLabels, fontSize) : 0,
  ),
  endRoom: from(
    ['loaded', 'beside', 'markLabels', 'markSize'],
    ({ beside, markLabels, markSize }) =>
      rooms.ends(
        markLabels.map((_, i) => lineOf(beside, markLabels, i, 0)),
        markSize,
      ),
    { shrinks: { after: RESTS, of: ({ loaded }) => loaded } },
  ),
  turnedRoom: from(
    ['beside', 'markLabels', 'markSize', 'chart', 'form'],
    ({ beside, markLabels, markSize, chart, form }) =>
      isTurned(chart, form) ? longestLine(beside, markLabels, markSize) : 0,
    { same: true },
  ),
  geometries: from(['size', 'panels', ...LAID_OUT], (page) =>
    page.size ? page.panels.map((panel) => geometryOf(page, panel)) : [],
  ),
  marksRoom: from(
    ['geometries', 'panels', 'grid', 'markSize', 'chart', 'form'],
    ({ geometries, panels, grid, markSize, chart, form }) =>
      marksRoomOf(geometries, panels, grid, {
        fontSize: markSize,
        isSmall: chart.small ?? false,
        isTurned: isTurned(chart, form),
        canLie: form.canLie ?? false,
      }),
    { same: true },
  ),
  axisRooms: from(
    ['geometries', 'grid', 'form', 'fontSize'],
    ({ geometries, grid, form, fontSize }) =>
      geometries.map((one) => axisRoomOf(one, grid, { isBelow: form.axis === 'below', fontSize })),
    { same: true },
  ),
}
