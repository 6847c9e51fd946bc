const MOST_TURNS = 3
/** Milliseconds after which no other turn is taken: what else a machine does hardly counts in a long run. */
const ENOUGH = 600

/**
 * Milliseconds of processor time that a run takes, the least of several: what else the machine does at the same time
 * counts for little.
 */
export function leastCpuTime(run: () => void): number {
  let least = Infinity
  let all = 0
  for (let turn = 0; turn < MOST_TURNS && all < ENOUGH; turn++) {
    const start = process.cpuUsage()
    run()
    const { user, system } = process.cpuUsage(start)
    const taken = (user + system) / 1000
    least = Math.min(least, taken)
    all += taken
  }
  return least
}
