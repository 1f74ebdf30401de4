import { fromSuperscript } from '../decimal/superscript'
import { around } from './around'
import type { SpokenWords } from './spokenWords'

/** "×10⁻⁷" as "times 10 to the minus 7", and "²", behind a constant, as "to the 2". */
export const powerWords = (text: string, { power, times, minus, gap }: SpokenWords): string =>
  text
    .replace('×', `${gap}${times}`)
    .replace(/(10)?(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)/, (_, ten: string | undefined, raised: string) =>
      around(
        ten ? power : power.replace('10', ''),
        String(fromSuperscript(raised)).replace('-', minus),
      ),
    )
