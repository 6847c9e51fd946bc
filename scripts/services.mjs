import { spawn } from 'node:child_process'
import { createWriteStream, existsSync, renameSync, statSync } from 'node:fs'
import { PlainError, say } from './say.mjs'

const LARGEST_LOG = 20 * 1024 * 1024
const RESTART_AFTER_MS = 1000
/** A program that ends more often than this within a minute will not run. */
const MOST_RESTARTS = 5

/**
 * Starts one of our programs and waits for the line in which it says its address. One that has a log is started again
 * where it ends by itself.
 *
 * @param {string | null} log file for what it has to say; none: it says nothing
 * @returns {Promise<{ url: string, log: string | null, stop: () => Promise<void> }>}
 */
export function startService(name, script, environment, root, log = null) {
  const keptLog = log === null ? null : openLog(log)
  let child
  let isStopping = false
  let restarts = []
  const run = (started) => {
    child = spawn(process.execPath, [script], {
      cwd: root,
      env: { ...process.env, ...environment },
      stdio: ['ignore', 'pipe', keptLog ? 'pipe' : 'inherit'],
      detached: true,
    })
    let printed = ''
    child.stdout.on('data', (chunk) => {
      keptLog?.write(chunk)
      printed = `${printed}${chunk}`.slice(-2000)
      const address = /http:\/\/[\w.:]+:\d+/.exec(printed)
      if (address) started(address[0])
    })
    if (keptLog) child.stderr.on('data', (chunk) => keptLog.write(chunk))
  }
  const ended = () =>
    new Promise((resolve) =>
      child.exitCode === null && child.signalCode === null ? child.once('exit', resolve) : resolve(),
    )
  const stop = async () => {
    isStopping = true
    if (child.exitCode === null) child.kill('SIGTERM')
    const late = setTimeout(() => child.kill('SIGKILL'), 6000)
    await ended()
    clearTimeout(late)
    keptLog?.end()
  }
  const watch = (environmentNow) => {
    child.once('exit', () => {
      if (isStopping) return
      const now = Date.now()
      restarts = [...restarts.filter((at) => now - at < 60_000), now]
      if (restarts.length > MOST_RESTARTS) return say(`${name} ends again and again. What it said is in ${log}.`)
      say(`${name} ended and is started again.`)
      setTimeout(() => {
        if (isStopping) return
        Object.assign(environment, environmentNow)
        run(() => undefined)
        watch(environmentNow)
      }, RESTART_AFTER_MS)
    })
  }
  return new Promise((resolve, reject) => {
    let isUp = false
    run((url) => {
      if (isUp) return
      isUp = true
      child.removeAllListeners('exit')
      // Started again, it is to be found where it was.
      if (keptLog) watch({ PORT: new URL(url).port })
      resolve({ url, log, stop })
    })
    child.once('exit', (code) => {
      if (!isUp)
        reject(new PlainError(`${name} ended at once (status ${code}).${log ? ` What it said is in ${log}.` : ''}`))
    })
  })
}

function openLog(file) {
  if (existsSync(file) && statSync(file).size > LARGEST_LOG) renameSync(file, `${file}.old`)
  return createWriteStream(file, { flags: 'a', mode: 0o600 })
}
