/**
 * The entry of an exported module: the runtime bound to one Plan and its words. The bundle made of
 * this file is the same for every export but for what the Plan never uses; both Plans are put
 * before it as JSON.
 */
import { speaker, type SpokenPlan } from '../text/spoken'
import type { Plan } from '../label/types'
import { writer } from '../label/writer'

declare const plan: Plan
declare const words: SpokenPlan
export const { label, labels, parts } = writer(plan)
export const spoken = speaker(plan, words)
