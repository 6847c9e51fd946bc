/** The tables at the head of an RTF file: its colours and its paragraph styles (RTF 1.9.1, "Document Area"). */
export class RtfTables {
  readonly #colours: boolean[] = []
  #colour: [number, number, number] | null = null
  readonly #headings = new Map<number, number>()
  #name = ''
  #named = 0

  beginColours(): void {
    this.#colour = null
  }

  /** One part of the colour that is being told. */
  part(word: 'red' | 'green' | 'blue', value: number): void {
    this.#colour ??= [0, 0, 0]
    this.#colour[word === 'red' ? 0 : word === 'green' ? 1 : 2] = value
  }

  /** The text of the table of colours: nothing but the ends of its colours. */
  colours(text: string): void {
    for (const part of text) if (part === ';') this.#endColour()
  }

  /** Black, near black and "automatic" are no colour. */
  #endColour(): void {
    this.#colours.push(this.#colour !== null && this.#colour.some((part) => part > 0x50))
    this.#colour = null
  }

  has(colour: number): boolean {
    return this.#colours[colour] !== undefined
  }

  /** Whether text in it stands out from black. */
  isColoured(colour: number): boolean {
    return this.#colours[colour] === true
  }

  /** The style whose name comes next. */
  beginName(style: number): void {
    this.#named = style
  }

  names(text: string): void {
    this.#name += text
    if (text.includes(';')) this.endName()
  }

  endName(): void {
    const level = /heading ([1-6])|^(title);/i.exec(this.#name.trim())
    if (level) this.#headings.set(this.#named, level[1] ? Number(level[1]) : 1)
    this.#name = ''
  }

  /** The level of the headings in a style, from 1; undefined for a style of no headings. */
  headingOf(style: number): number | undefined {
    return this.#headings.get(style)
  }
}
