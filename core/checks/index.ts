import { sameLabel } from './same-label'
import { stepHidden } from './step-hidden'
import type { Check } from './types'

/** Every check, most serious first. To add one, add its file and a line here. */
export const checks: readonly Check[] = [stepHidden, sameLabel]
