import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: './tests',
  outputDir: './results',
  // Against what hangs, not what is slow: a machine that others use took six times as long as this one by itself.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  // A shared machine can starve a browser for seconds; a test that passes only at the second try is listed as flaky.
  retries: process.env.CI ? 2 : 0,
  // A file with many tests would keep one core while the other has nothing left to do; tests of a worker share an app.
  fullyParallel: true,
  workers: 2,
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    trace: 'retain-on-failure',
    // It answers before a test can break the network; the tests of it let it in.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})
