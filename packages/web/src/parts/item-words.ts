import { KIND_NAMES, type Item } from '@zakuska/core'

export function pointsText(points: number): string {
  return points === 1 ? '1 point' : `${points} points`
}

/** "Single choice · 1 point". */
export function kindLine(item: Item): string {
  return `${KIND_NAMES[item.kind]} · ${pointsText(item.points)}`
}

export function letterOf(index: number): string {
  return index < 26 ? String.fromCharCode(97 + index) : String(index + 1)
}

export function counted(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`
}
