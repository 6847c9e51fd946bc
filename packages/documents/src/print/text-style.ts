/** Text as it stands everywhere but in titles. Lines of this face stand apart by themselves. */
export const TEXT_STYLE = { font: 'Serif', fontSize: 10.5, lineHeight: 0.93 } as const
