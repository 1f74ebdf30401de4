import { beyondAxis } from './beyond-axis'
import { binEdge } from './bin-edge'
import { boundUntrue } from './bound-untrue'
import { convertedByHand } from './converted-by-hand'
import { crowded } from './crowded'
import { cutLabel } from './cut-label'
import { differenceMismatch } from './difference-mismatch'
import { doesNotAddUp } from './does-not-add-up'
import { factorUnsaid } from './factor-unsaid'
import { floatNoise } from './float-noise'
import { groupedName } from './grouped-name'
import { houseRule } from './house-rule'
import { hyphenMinus } from './hyphen-minus'
import { idleZeros } from './idle-zeros'
import { inexactInput } from './inexact-input'
import { labelIsWords } from './label-is-words'
import { longHeadline } from './long-headline'
import { misread } from './misread'
import { mixedNotation } from './mixed-notation'
import { mixedRungs } from './mixed-rungs'
import { mixedUnits } from './mixed-units'
import { orderReversed } from './order-reversed'
import { percentScaled } from './percent-scaled'
import { pointsWanted } from './points-wanted'
import { rangeDash } from './range-dash'
import { rawNumber } from './raw-number'
import { rungJoinsUnit } from './rung-joins-unit'
import { rungLikeUnit } from './rung-like-unit'
import { rungOverflow } from './rung-overflow'
import { saidTwice } from './said-twice'
import { sameLabel } from './same-label'
import { sharesNot100 } from './shares-not-100'
import { signInText } from './sign-in-text'
import { splitCount } from './split-count'
import { stepHidden } from './step-hidden'
import { styleRefused } from './style-refused'
import { summedRatio } from './summed-ratio'
import { surfacesDisagree } from './surfaces-disagree'
import { textAsNumber } from './text-as-number'
import { timestamp } from './timestamp'
import { tooFine } from './too-fine'
import type { Check } from './types'
import { unclearMarks } from './unclear-marks'
import { unevenSteps } from './uneven-steps'
import { unevenDecimals } from './uneven-decimals'
import { unfamiliarRung } from './unfamiliar-rung'
import { unitLost } from './unit-lost'
import { unitUnconverted } from './unit-unconverted'
import { vanished } from './vanished'
import { wrongTickLabel } from './wrong-tick-label'

/** Every check, most serious first. To add one, add its file and a line here. */
export const checks: readonly Check[] = [
  styleRefused,
  stepHidden,
  sameLabel,
  vanished,
  orderReversed,
  wrongTickLabel,
  unitLost,
  mixedUnits,
  unitUnconverted,
  unevenSteps,
  beyondAxis,
  cutLabel,
  groupedName,
  misread,
  textAsNumber,
  inexactInput,
  boundUntrue,
  percentScaled,
  factorUnsaid,
  convertedByHand,
  signInText,
  timestamp,
  unclearMarks,
  summedRatio,
  doesNotAddUp,
  sharesNot100,
  differenceMismatch,
  binEdge,
  rawNumber,
  surfacesDisagree,
  houseRule,
  pointsWanted,
  saidTwice,
  rungJoinsUnit,
  rungLikeUnit,
  rangeDash,
  mixedRungs,
  mixedNotation,
  rungOverflow,
  crowded,
  splitCount,
  floatNoise,
  unevenDecimals,
  idleZeros,
  tooFine,
  unfamiliarRung,
  longHeadline,
  hyphenMinus,
  labelIsWords,
]
