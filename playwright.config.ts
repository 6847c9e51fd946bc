import { defineConfig } from '@playwright/test'

const port = Number(process.env['E2E_PORT'] ?? 4480)

export default defineConfig({
  testDir: 'e2e',
  workers: 1,
  retries: 0,
  timeout: 90_000,
  // A shared machine stands still for seconds now and then.
  expect: { timeout: 20_000 },
  reporter: [
    ['list'],
    ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? 'test-results/report.json' }],
  ],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
  webServer: {
    command: `node e2e/serve.mjs`,
    url: `http://127.0.0.1:${port}/icon.svg`,
    timeout: 60_000,
    env: { E2E_PORT: String(port) },
    stdout: 'ignore',
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
})
