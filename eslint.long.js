/** Files of more than 300 lines that are still to be parted. Nothing is added here. */
export const LONG_FILES = ['packages/core/src/labelled/generate/write.ts', 'packages/documents/src/rtf/read-rtf.ts']
