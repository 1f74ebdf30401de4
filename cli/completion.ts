import type { Command as Program } from 'commander'

export const SHELLS = ['bash', 'zsh', 'fish'] as const
export type Shell = (typeof SHELLS)[number]

/** What may stand behind a word of a command: choices of an option or argument; files otherwise. */
interface Words {
  readonly name: string
  readonly summary: string
  readonly options: readonly { readonly flag: string; readonly choices: readonly string[] }[]
  readonly choices: readonly string[]
}
const wordsOf = (program: Program): Words[] =>
  program.commands.map((own) => ({
    name: own.name(),
    summary: own.description(),
    options: own.options.map(({ long, argChoices }) => ({
      flag: long!,
      choices: argChoices ?? [],
    })),
    choices: own.registeredArguments.flatMap(({ argChoices }) => argChoices ?? []),
  }))

/** One case for each command, and in it for each option that has choices. */
function bashCase({ name, options, choices }: Words): string {
  const chosen = options
    .filter((option) => option.choices.length > 0)
    .map((option) => `    ${name}:${option.flag}) words="${option.choices.join(' ')}" ;;`)
  const flags = [...options.map(({ flag }) => flag), '--help', ...choices].join(' ')
  return [...chosen, `    ${name}:*) words="${flags}" ;;`].join('\n')
}
const bash = (commands: readonly Words[]): string => `_ivory_abacus() {
  local word="\${COMP_WORDS[COMP_CWORD]}" before="\${COMP_WORDS[COMP_CWORD-1]}" words
  case "\${COMP_WORDS[1]}:$before" in
${commands.map(bashCase).join('\n')}
    *) words="${[...commands.map(({ name }) => name), '--help', '--version'].join(' ')}" ;;
  esac
  COMPREPLY=($(compgen -W "$words" -- "$word"))
}
complete -o default -F _ivory_abacus ivory-abacus
`
const zsh = (commands: readonly Words[]): string =>
  `autoload -U +X bashcompinit && bashcompinit\n${bash(commands)}`

const quoted = (text: string): string => `'${text.replaceAll("'", "\\'")}'`
function fishLines({ name, summary, options, choices }: Words): string[] {
  const inside = `-n '__fish_seen_subcommand_from ${name}'`
  return [
    `complete -c ivory-abacus -n __fish_use_subcommand -a ${name} -d ${quoted(summary)}`,
    ...options.map(
      (option) =>
        `complete -c ivory-abacus ${inside} -l ${option.flag.slice(2)}${option.choices.length > 0 ? ` -xa ${quoted(option.choices.join(' '))}` : ''}`,
    ),
    ...(choices.length > 0
      ? [`complete -c ivory-abacus ${inside} -a ${quoted(choices.join(' '))}`]
      : []),
  ]
}
const fish = (commands: readonly Words[]): string => `${commands.flatMap(fishLines).join('\n')}\n`

const WRITERS: Readonly<Record<Shell, (commands: readonly Words[]) => string>> = { bash, zsh, fish }

/**
 * A script that completes commands, options and their choices in a shell.
 *
 * @example completionFor('bash', program) // '_ivory_abacus() { …'
 */
export const completionFor = (shell: Shell, program: Program): string =>
  WRITERS[shell](wordsOf(program))
