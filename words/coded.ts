import type { Params } from './speak'

/** Messages by the codes that they belong to. */
export type CodedMessages = Readonly<Record<string, string | ((params: never) => string)>>
type Own<Coded extends { readonly code: string }> = {
  readonly [Code in Coded['code']]?: (coded: Extract<Coded, { code: Code }>) => string
}

/**
 * Returns a code with parameters as text: by a function of its own, or by the message of that id.
 *
 * @param own functions of codes whose text needs more than their parameters
 * @example codedText({ code: 'turned' }, { turned: 'rotated labels' }) // 'rotated labels'
 */
export function codedText<Coded extends { readonly code: string }>(
  coded: Coded,
  messages: CodedMessages,
  own: Own<Coded> = {},
): string {
  const say = own[coded.code as Coded['code']] as ((one: Coded) => string) | undefined
  if (say) return say(coded)
  const message = messages[coded.code]!
  return typeof message === 'string'
    ? message
    : (message as (params: Params) => string)(coded as never)
}
