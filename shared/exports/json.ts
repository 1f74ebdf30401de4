/** Data as the text of a file: indented, with a line break at its end. */
export const jsonText = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`
