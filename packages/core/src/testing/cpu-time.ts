/**
 * Milliseconds of processor time that a run takes, the least of several: what else the machine does at the same time
 * counts for little.
 */
export function leastCpuTime(run: () => void, turns = 3): number {
  const once = (): number => {
    const start = process.cpuUsage()
    run()
    const { user, system } = process.cpuUsage(start)
    return (user + system) / 1000
  }
  return Math.min(...Array.from({ length: turns }, once))
}
