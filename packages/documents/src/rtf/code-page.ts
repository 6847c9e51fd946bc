import { decodeWindows } from '@zakuska/core'

const NAMED: Readonly<Record<number, string>> = {
  932: 'shift_jis',
  936: 'gbk',
  949: 'euc-kr',
  950: 'big5',
  65001: 'utf-8',
  10000: 'macintosh',
}

/** The name of a code page (RTF 1.9.1, `\ansicpg`); that of Western Europe for one that nobody knows. */
export function codePageOf(value: number | null): string {
  const name = NAMED[value ?? 1252] ?? `windows-${value ?? 1252}`
  try {
    new TextDecoder(name)
    return name
  } catch {
    return 'windows-1252'
  }
}

/** Bytes in a code page as text. */
export function decoded(bytes: Uint8Array, codePage: string): string {
  return codePage === 'windows-1252' ? decodeWindows(bytes) : new TextDecoder(codePage).decode(bytes)
}
