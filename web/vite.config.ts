import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { Plugin } from 'vite'
import vue from '@vitejs/plugin-vue'
import components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

const FONTS = ['atkinson-hyperlegible-next', 'atkinson-hyperlegible-mono']

/** Scripts' licences are gathered by the bundler; the fonts come by way of styles. */
const fontLicences = (): Plugin => ({
  name: 'font-licences',
  apply: 'build',
  generateBundle() {
    const source = FONTS.map((font) =>
      readFileSync(
        new URL(`./node_modules/@fontsource-variable/${font}/LICENSE`, import.meta.url),
        'utf8',
      ),
    ).join('\n\n')
    this.emitFile({ type: 'asset', fileName: 'third-party/fonts.txt', source })
    // What keeps the page on the device is put beside it, not into it.
    const workbox = readFileSync(
      new URL('./node_modules/workbox-core/LICENSE', import.meta.url),
      'utf8',
    )
    this.emitFile({ type: 'asset', fileName: 'third-party/workbox.txt', source: workbox })
  },
})

/**
 * The reader of letters: a worker, its program and the language it knows, some seven megabytes.
 * They are files of their own, loaded where a plate is read and nowhere else.
 */
const letters = (): Plugin => ({
  name: 'letters',
  apply: 'build',
  generateBundle() {
    const from = (path: string) => readFileSync(new URL(`./node_modules/${path}`, import.meta.url))
    const files = {
      'letters/worker.js': 'tesseract.js/dist/worker.min.js',
      'letters/core.js': 'tesseract.js-core/tesseract-core-simd-lstm.wasm.js',
      'letters/eng.traineddata.gz': '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz',
    }
    for (const [fileName, path] of Object.entries(files)) {
      this.emitFile({ type: 'asset', fileName, source: from(path) })
    }
    const licences = [
      'tesseract.js/LICENSE.md',
      'tesseract.js/dist/worker.min.js.LICENSE.txt',
      'tesseract.js-core/LICENSE',
    ]
    const source = licences.map((path) => from(path).toString('utf8')).join('\n\n')
    this.emitFile({ type: 'asset', fileName: 'third-party/letters.txt', source })
  },
})

export default defineConfig({
  plugins: [
    vue(),
    fontLicences(),
    letters(),
    // On the device whole, so that every page of it opens without a radio. A newer one waits until
    // somebody takes it.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Variable Rotor',
        short_name: 'Rotor',
        description: 'Variable-speed motors: found, chosen, fitted, proved',
        start_url: '/',
        display: 'standalone',
        background_color: '#f3f1ea',
        theme_color: '#1c242a',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        importScripts: ['/past-the-worker.js'],
        globPatterns: ['**/*.{js,css,html,svg,png,woff2}'],
        // The first is kept with the worker itself. Letters are large, and kept once they were
        // needed: then plates are read without a radio, too.
        globIgnores: ['past-the-worker.js', 'letters/**'],
        runtimeCaching: [
          {
            urlPattern: ({ url }) => url.pathname.startsWith('/letters/'),
            handler: 'StaleWhileRevalidate',
            options: { cacheName: 'letters' },
          },
        ],
        navigateFallback: '/index.html',
        // What is for programs, and files, are no page.
        navigateFallbackDenylist: [/^\/(api|actuator)(\/|$)/, /\.[a-z0-9]+$/],
        maximumFileSizeToCacheInBytes: 4_000_000,
        cleanupOutdatedCaches: true,
      },
    }),
    // Each Element Plus component is imported where it is used: the whole library is too large for a phone.
    // Under test they are stubs.
    components({
      dts: false,
      dirs: [],
      resolvers: process.env.VITEST ? [] : [ElementPlusResolver({ importStyle: 'css' })],
    }),
  ],
  // The core, compiled from Java beforehand.
  resolve: {
    alias: Object.fromEntries(
      ['calls', 'wirings', 'senses'].map((part) => [
        `rotor-${part}`,
        fileURLToPath(new URL(`../js/target/js/${part}.mjs`, import.meta.url)),
      ]),
    ),
  },
  worker: { format: 'es' },
  build: {
    // Nothing is inlined as data: or script, so that the content policy can stay strict.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    target: 'es2022',
    license: { fileName: 'third-party/page.txt' },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  // A thread is begun with less work than a process, and most of the work of a spec is its document and
  // what it imports: those that put no other module in the place of one share theirs.
  test: {
    environment: 'happy-dom',
    pool: 'threads',
    setupFiles: './tests.setup.ts',
    projects: [
      {
        extends: true,
        test: {
          name: 'plain',
          include: ['src/**/*.spec.ts'],
          exclude: ['src/**/*.mocked.spec.ts'],
          isolate: false,
          unstubGlobals: true,
        },
      },
      { extends: true, test: { name: 'mocked', include: ['src/**/*.mocked.spec.ts'] } },
    ],
  },
})
