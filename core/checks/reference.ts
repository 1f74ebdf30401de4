import { placeChecks } from '../proof/checks'
import { checks } from '.'

/**
 * The reference of the checks, as Markdown: a row for each check, made of the checks themselves.
 *
 * @example checksReference().includes('| `step-hidden` | error |') // true
 */
export function checksReference(): string {
  return [
    '# Every check and its method',
    '',
    'A check looks at what was decided of each value: its kept digits, rung and exponent, and the number that those read back as. *Off* is the distance between that and the true value, by exact decimals.',
    '',
    'Made from the program’s own checks by `npm run reference`.',
    '',
    '| check | severity | what it finds, and when |',
    '| --- | --- | --- |',
    ...checks.map(({ id, weight, finds }) => `| \`${id}\` | ${weight} | ${finds} |`),
    '',
    'Of finished work that is proofed, by where its labels stand:',
    '',
    '| check | severity | what it finds, and when |',
    '| --- | --- | --- |',
    ...placeChecks.map(({ id, weight, finds }) => `| \`${id}\` | ${weight} | ${finds} |`),
    '',
    '## Fixes',
    '',
    'A check proposes changes, the smallest first: more decimals, a finer rung, one rung for all, another step. Each is run through all checks before it is offered. It stays only where its own check holds and no finding of the same severity is new. Of changes of one kind, the smallest that leaves no error comes first.',
    '',
    '## Sources',
    '',
    '- Reading back: the inverse of the style’s own rule. Reading as another region would: CLDR’s marks and compact names of that region.',
    '- Largest remainder, which adjusts printed parts: Michel Balinski and Peyton Young, *Fair Representation*, 1982 (Hamilton’s method).',
    '- Doubles: IEEE 754 binary64. The steps of `float-noise` are units in the last place.',
    '- Names of large numbers: John Conway and Richard Guy, *The Book of Numbers*, 1996 (the rule of Conway and Wechsler).',
    '',
  ].join('\n')
}
