import { columns } from './columns'
import { compare } from './compare'
import { data } from './data'
import { dock } from './dock'
import { exporting } from './exporting'
import { frame } from './frame'
import { ladders } from './ladders'
import { levels } from './levels'
import { margin } from './margin'
import { page } from './page'
import { proofread } from './proofread'
import { rates } from './rates'
import { regions } from './regions'
import { stores } from './stores'
import { studies } from './studies'
import { suggestions } from './suggestions'
import { surfaces } from './surfaces'
import { sweep } from './sweep'
import { ticks } from './ticks'

/** The catalogue in English, by feature. */
export const english = {
  ...{ columns, compare, data, dock, exporting, frame, ladders, levels, margin },
  ...{ page, proofread, rates, regions, stores, studies, suggestions, surfaces, sweep, ticks },
} as const
