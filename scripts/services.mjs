import { spawn } from 'node:child_process'
import { PlainError } from './say.mjs'

/**
 * Starts one of our programs and waits for the line in which it says its address.
 *
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>}
 */
export function startService(name, script, environment, root) {
  const child = spawn(process.execPath, [script], {
    cwd: root,
    env: { ...process.env, ...environment },
    stdio: ['ignore', 'pipe', 'inherit'],
    detached: true,
  })
  const ended = new Promise((resolve) => child.once('exit', resolve))
  const stop = async () => {
    if (child.exitCode === null) child.kill('SIGTERM')
    const late = setTimeout(() => child.kill('SIGKILL'), 6000)
    await ended
    clearTimeout(late)
  }
  return new Promise((resolve, reject) => {
    let printed = ''
    child.once('exit', (code) => reject(new PlainError(`${name} ended at once (status ${code}).`)))
    child.stdout.on('data', (chunk) => {
      printed += chunk
      const address = /http:\/\/127\.0\.0\.1:\d+/.exec(printed)
      if (address) resolve({ url: address[0], stop })
    })
  })
}
