import type { Chance } from './chance.ts'
import { altered } from './altered.ts'
import type { Drafted } from './items.ts'

/** Makes a share of the items wrong on purpose, as drafted text sometimes is: another key, or another fact. */
export function withMistakes(items: readonly Drafted[], share: number, chance: Chance): Drafted[] {
  return items.map((item) =>
    chance.next() < share ? (wrongKey(item, chance) ?? wrongFact(item, chance) ?? item) : item,
  )
}

function wrongKey(item: Drafted, chance: Chance): Drafted | null {
  switch (item.kind) {
    case 'single': {
      const others = item.options.map((_, place) => place).filter((place) => !item.key.includes(place))
      const other = chance.one(others)
      return other === undefined ? null : { ...item, key: [other], mistake: 'key' }
    }
    case 'truefalse':
      return { ...item, key: [item.key[0] === 'True' ? 'False' : 'True'], mistake: 'key' }
    case 'numeric': {
      const figure = Number(String(item.key[0]).replace(/[ ,]/g, ''))
      return { ...item, key: [String(figure + Math.max(1, Math.round(figure / 10)))], mistake: 'key' }
    }
    case 'order':
      return { ...item, key: [...item.key.slice(1), ...item.key.slice(0, 1)], mistake: 'key' }
    case 'match': {
      const sides = item.options.map((pair) => pair.split(' – '))
      const turned = sides.map(([left = ''], at) => `${left} – ${sides[(at + 1) % sides.length]?.[1] ?? ''}`)
      return { ...item, options: turned, mistake: 'key' }
    }
    case 'multiple':
    case 'short':
    case 'cloze':
      return null
  }
}

function wrongFact(item: Drafted, chance: Chance): Drafted | null {
  if (item.kind === 'multiple') {
    const others = item.options.map((_, place) => place).filter((place) => !item.key.includes(place))
    return { ...item, key: [...item.key.slice(1), ...others.slice(0, 1)].sort(), mistake: 'key' }
  }
  const stem = altered(item.stem, [], chance)
  return stem === null ? null : { ...item, stem, mistake: 'fact' }
}
