export interface IncomingItem {
  readonly path: string
  readonly source: string
  /** Pictures that it shows, by the address that it gives them. */
  readonly media: Readonly<Record<string, Media>>
  /** Why there is nothing to take. */
  readonly why?: string
}

export interface Media {
  readonly type: string
  /** Base64. */
  readonly data: string
}
