export interface CommandOptions {
  readonly parts?: boolean
  readonly spoken?: boolean
}
export interface Command {
  readonly summary: string
  /** @param input the whole of standard input, read as JSON */
  run(input: unknown, options: CommandOptions): unknown
  /** Whether an answer means that something is wrong with what was asked about. */
  isBad?(answer: unknown): boolean
}
