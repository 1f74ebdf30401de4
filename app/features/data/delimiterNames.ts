import { words } from '~~/words'

const { delimiters } = words.data.importDialog

/** What the delimiters of cells are called. */
export const delimiterNames: Readonly<Record<string, string>> = {
  ',': delimiters.comma,
  ';': delimiters.semicolon,
  '\t': delimiters.tab,
  '|': delimiters.bar,
}
