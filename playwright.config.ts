import { defineConfig } from '@playwright/test'

/**
 * What the browser leaves out. A switch that is given twice counts once, the last time: so the runner's own list stands here again. The first two
 * are ours: a full browser readies the list below its address bar as a page, one for every window that a test opens.
 */
const OFF = [
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsUpgrades',
  'HttpsFirstBalancedModeAutoEnable',
  'LensOverlay',
  'MediaRouter',
  'PaintHolding',
  'ThirdPartyStoragePartitioning',
  'OptimizationHints',
  'NetworkTimeServiceQuerying',
  'AimEnabled',
  'PreconnectToSearch',
  'CDPScreenshotNewSurface',
  'SkipListAccountsWithoutGaiaCookies',
]

export default defineConfig({
  testDir: 'tests/e2e',
  // Two windows at once: a test waits for its own page most of the time. Each makes its own jobs, or only reads those of the demo.
  workers: 2,
  fullyParallel: false,
  // A busy machine is no fault of the code.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  // One more try where a whole change hangs on it; the report names what needed it.
  retries: process.env['CI'] ? 1 : 0,
  reporter: [['list'], ['json']],
  outputDir: '.data/test/browser',
  use: {
    baseURL: process.env['DETRIMUS_BASE_URL'],
    viewport: { width: 1280, height: 800 },
    // Keeping the app for later costs a new window some three seconds: the tests that go without a signal ask for it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        `--disable-features=${OFF.join(',')}`,
        // A microphone that beeps, and is allowed: nothing asks.
        '--use-fake-device-for-media-stream',
        '--use-fake-ui-for-media-stream',
      ],
    },
  },
  projects: [
    { name: 'desk', testIgnore: /phone/, grepInvert: /@alone/ },
    {
      name: 'phone',
      testMatch: /phone/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, serviceWorkers: 'allow' },
    },
    // What disturbs everybody comes last, when nobody is there to be disturbed.
    { name: 'alone', testIgnore: /phone/, grep: /@alone/, dependencies: ['desk', 'phone'] },
  ],
})
