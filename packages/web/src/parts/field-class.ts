/** A field within a line of text or a row of a table. */
export const FIELD = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5'
