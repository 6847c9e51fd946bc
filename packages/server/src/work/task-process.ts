import { spawn, type ChildProcess } from 'node:child_process'
import { setPriority } from 'node:os'
import { fileURLToPath } from 'node:url'

// Under tests the sources run as they are, but a process needs what was built.
const PROGRAM = fileURLToPath(new URL('../worker.js', import.meta.url)).replace('/server/src/', '/server/dist/')

/** What a task came to; a refusal is data, since errors lose their class between processes. */
export type Outcome = { readonly done: unknown } | { readonly refused: string } | { readonly broke: string }

/** What the system holds one process to. */
export interface SystemLimits {
  /** Of its heap and of all else it holds, each in MB. */
  readonly heapMegabytes: number
  readonly dataMegabytes: number
  /** Seconds of processor time in its whole life. */
  readonly processorSeconds: number
}

/** What a process says when its task has ended. */
interface Ended {
  readonly outcome: Outcome
  readonly processorSeconds: number
  readonly residentMegabytes: number
}

/** A process has left its task: `memory` where it ended by itself, `time` where the system or we ended it. */
export class ProcessEnded extends Error {
  override readonly name = 'ProcessEnded'
  constructor(readonly why: 'memory' | 'time' | 'stopped') {
    super(`A task's process ended: ${why}.`)
  }
}

// The shell sets the limits, then becomes the program: no child of ours outlives them. A limit that a system does not
// know is left out, and so is the mark by which the kernel takes this process before any other when memory runs out.
const START =
  'ulimit -c 0; ulimit -d "$1" 2>/dev/null; ulimit -t "$2" 2>/dev/null; (echo 1000 >/proc/self/oom_score_adj) 2>/dev/null; shift 2; exec "$@"'
const LOWER_PRIORITY = 5

/**
 * One child process that does one task at a time, within limits that the system holds it to. It knows none of the server's
 * settings: its environment is empty but for the path.
 */
export class TaskProcess {
  /** All that it knows of the server's. */
  readonly environment = { PATH: process.env['PATH'] ?? '' }
  readonly #child: ChildProcess
  readonly #ready: Promise<void>
  #task: { readonly resolve: (ended: Ended) => void; readonly reject: (error: Error) => void } | null = null
  #endedWhy: ProcessEnded['why'] | null = null
  #tasksDone = 0
  #spent = { processorSeconds: 0, residentMegabytes: 0 }

  constructor(limits: SystemLimits) {
    const { heapMegabytes, dataMegabytes, processorSeconds } = limits
    const program = [process.execPath, `--max-old-space-size=${heapMegabytes}`, PROGRAM]
    this.#child = spawn(
      '/bin/sh',
      ['-c', START, 'sh', String(dataMegabytes * 1024), String(processorSeconds), ...program],
      {
        stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
        serialization: 'advanced',
        env: this.environment,
      },
    )
    this.#ready = new Promise((resolve, reject) => {
      this.#child.once('message', () => resolve())
      this.#child.once('exit', (_status, signal) => reject(this.#afterEnd(signal)))
      this.#child.once('error', reject)
    })
    // Nobody may be waiting yet.
    this.#ready.catch(() => undefined)
    this.#child.once('exit', (_status, signal) => this.#task?.reject(this.#afterEnd(signal)))
    this.#child.on('message', (said) => {
      if (typeof said === 'object' && said !== null && 'outcome' in said) this.#task?.resolve(said as Ended)
    })
    // It never keeps the server from ending.
    this.#child.unref()
    this.#child.channel?.unref()
  }

  get tasksDone(): number {
    return this.#tasksDone
  }

  get spent(): { readonly processorSeconds: number; readonly residentMegabytes: number } {
    return this.#spent
  }

  get isAlive(): boolean {
    return this.#endedWhy === null && this.#child.exitCode === null && this.#child.signalCode === null
  }

  /** @throws ProcessEnded where it ended before the task did. */
  async run(task: object, deadlineMs: number): Promise<Outcome> {
    await this.#ready
    const timer = setTimeout(() => this.end('time'), deadlineMs)
    try {
      const ended = await new Promise<Ended>((resolve, reject) => {
        this.#task = { resolve, reject }
        this.#child.send(task, (error) => error && reject(this.#afterEnd(this.#child.signalCode)))
      })
      this.#tasksDone++
      this.#spent = ended
      return ended.outcome
    } finally {
      clearTimeout(timer)
      this.#task = null
    }
  }

  /** Kills it; a task that is under way fails with that reason. */
  end(why: ProcessEnded['why']): void {
    this.#endedWhy ??= why
    this.#child.kill('SIGKILL')
  }

  /** Below the server itself, so that requests are answered while files are read. */
  async lowerPriority(): Promise<void> {
    await this.#ready
    try {
      if (this.#child.pid !== undefined) setPriority(this.#child.pid, LOWER_PRIORITY)
    } catch {
      // It has ended meanwhile, or the system knows no priorities.
    }
  }

  #afterEnd(signal: NodeJS.Signals | null): ProcessEnded {
    this.#endedWhy ??= signal === 'SIGXCPU' ? 'time' : 'memory'
    return new ProcessEnded(this.#endedWhy)
  }
}
