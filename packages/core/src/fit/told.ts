import type { FormatLimits, Limit, Measure } from './limits.ts'

/** What a destination tells of its own measures: over how many a limit begins. */
export type ToldLimits = Readonly<Partial<Record<Measure, number>>>

/** The limits of a kind of destination, with the figures of the very one that is sent to. */
export function withTold(limits: FormatLimits, told: ToldLimits): FormatLimits {
  const own = Object.entries(told).flatMap(([measure, over]): [string, Limit][] => {
    const limit = limits[measure as Measure]
    if (!limit || over === limit.over) return []
    return [[measure, { ...limit, over, says: limit.says.replace(String(limit.over), String(over)) }]]
  })
  return own.length ? { ...limits, ...Object.fromEntries(own) } : limits
}
