import { axes } from './axes'
import type { DeskCase } from './case'
import { money } from './money'
import { people } from './people'
import { places } from './places'
import { science } from './science'
import { shares } from './shares'
import { stories } from './stories'
import { times } from './times'

/** Cases by subject, as a chart editor would judge them. */
export const desk: Readonly<Record<string, readonly DeskCase[]>> = {
  money,
  shares,
  science,
  places,
  times,
  axes,
  people,
  stories,
}
