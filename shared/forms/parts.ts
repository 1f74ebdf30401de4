export const MARK_PARTS = ['value', 'share', 'seriesShare', 'change', 'against', 'name'] as const
/**
 * What a mark's label can say: its number, its share of all or of its own panel, its change from
 * the mark before or from another column, its category.
 */
export type MarkPart = (typeof MARK_PARTS)[number]

export const STYLED_PARTS = ['share', 'seriesShare', 'change', 'against'] as const
/** Parts that are numbers of their own, each in a style of its own over that of the marks. */
export type StyledPart = (typeof STYLED_PARTS)[number]
