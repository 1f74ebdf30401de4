import { binEdge } from './bin-edge'
import { crowded } from './crowded'
import { differenceMismatch } from './difference-mismatch'
import { doesNotAddUp } from './does-not-add-up'
import { floatNoise } from './float-noise'
import { idleZeros } from './idle-zeros'
import { inexactInput } from './inexact-input'
import { misread } from './misread'
import { mixedNotation } from './mixed-notation'
import { mixedRungs } from './mixed-rungs'
import { orderReversed } from './order-reversed'
import { rawNumber } from './raw-number'
import { rungOverflow } from './rung-overflow'
import { sameLabel } from './same-label'
import { sharesNot100 } from './shares-not-100'
import { splitCount } from './split-count'
import { stepHidden } from './step-hidden'
import { surfacesDisagree } from './surfaces-disagree'
import { textAsNumber } from './text-as-number'
import { tooFine } from './too-fine'
import type { Check } from './types'
import { unclearMarks } from './unclear-marks'
import { unevenSteps } from './uneven-steps'
import { unfamiliarRung } from './unfamiliar-rung'
import { unitLost } from './unit-lost'
import { unitUnconverted } from './unit-unconverted'
import { vanished } from './vanished'
import { wrongTickLabel } from './wrong-tick-label'

/** Every check, most serious first. To add one, add its file and a line here. */
export const checks: readonly Check[] = [
  stepHidden,
  sameLabel,
  vanished,
  orderReversed,
  wrongTickLabel,
  unitLost,
  unitUnconverted,
  unevenSteps,
  misread,
  textAsNumber,
  inexactInput,
  doesNotAddUp,
  sharesNot100,
  differenceMismatch,
  binEdge,
  rawNumber,
  surfacesDisagree,
  unclearMarks,
  mixedRungs,
  mixedNotation,
  rungOverflow,
  crowded,
  splitCount,
  floatNoise,
  idleZeros,
  tooFine,
  unfamiliarRung,
]
