/** Prints one line about what is being done. */
export function say(text) {
  process.stdout.write(`  ${text}\n`)
}

/** Ends with one clear line. */
export class PlainError extends Error {
  name = 'PlainError'
}

/** Runs the whole of a script; a plain error prints as one line, anything else with its stack. */
export async function main(run) {
  try {
    await run()
  } catch (error) {
    process.stderr.write(
      error instanceof PlainError
        ? `\n${error.message}\n`
        : `\n${error instanceof Error ? error.stack : String(error)}\n`,
    )
    process.exit(1)
  }
}
