#!/usr/bin/env node
import { existsSync } from 'node:fs'

// One file starts sooner than some hundred; where it was not bundled, these do.
const bundled = new URL('../dist/zakuska-command.js', import.meta.url)
await import(existsSync(bundled) ? bundled.href : '../dist/main.js')
