/** A text in the place that a pattern has for it. @example around('over {0}', '3') // 'over 3' */
export const around = (pattern: string, text: string): string => pattern.replace('{0}', () => text)
