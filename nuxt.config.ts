import { randomUUID } from 'node:crypto'
import { fileURLToPath } from 'node:url'
import { chunkNames } from './build/chunks'
import { filePolicy, securityHeaders } from './server/http/security-headers'
import { threadBundle } from './server/work/build-thread'

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url))
/** The typefaces of headings, figures and text: of the few letters that a page begins with. */
const isFirstFont = (name: string): boolean =>
  /(barlow-condensed-latin-(500|600)|source-sans-3-latin-(400|600))-normal.*woff2$/.test(name)
const isOfErrors = (name: string): boolean => /error/.test(name)

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  modules: ['@nuxt/ui', '@pinia/nuxt', '@nuxt/eslint', '@vite-pwa/nuxt'],
  // Everything is a tool worked in one page; nothing is gained by rendering it on the server first.
  ssr: false,
  // Its frame is in the first file, before any script has come.
  spaLoadingTemplate: 'spa-loading-template.html',
  devtools: { enabled: false },
  telemetry: false,
  css: ['~/assets/main.css'],
  components: [{ path: '~/components', pathPrefix: false }],
  imports: { dirs: ['composables/**'] },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  app: {
    head: {
      title: 'Jolvet',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Join water pipe: what it is, what fits, how long to cut, where to mark.' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' },
        // With the password that a proxy asks for, too.
        { rel: 'manifest', href: '/manifest.webmanifest', crossorigin: 'use-credentials' },
        { rel: 'apple-touch-icon', href: '/icon-192.png' },
      ],
    },
  },
  ui: {
    fonts: false,
    experimental: { componentDetection: true },
    theme: { colors: ['primary', 'neutral', 'success', 'warning', 'error'] },
  },
  icon: { provider: 'none', clientBundle: { scan: true, sizeLimitKb: 64 }, fallbackToApi: false },
  eslint: { config: { stylistic: false } },
  // All of it is kept in the browser: in a cellar every page opens, cold too. A new version waits until it is wanted.
  pwa: {
    registerType: 'prompt',
    // Asked for by the page itself, in a few lines (app/composables/page/useUpdate.ts).
    injectRegister: null,
    client: { registerPlugin: false },
    manifest: {
      name: 'Jolvet',
      short_name: 'Jolvet',
      description: 'Join water pipe: what it is, what fits, how long to cut, where to mark.',
      start_url: '/',
      display: 'standalone',
      background_color: '#f2ede2',
      theme_color: '#f2ede2',
      icons: [
        { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
        { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
        { src: '/icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      ],
    },
    workbox: {
      globPatterns: ['**/*.{js,css,wasm,woff2,svg,png,webmanifest}', '_nuxt/builds/**/*.json'],
      maximumFileSizeToCacheInBytes: 12_000_000,
      // The shell as the server gives it, with the policy in its headers: the same for every page.
      additionalManifestEntries: [{ url: '/', revision: randomUUID() }],
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//],
      cleanupOutdatedCaches: true,
    },
  },
  // The other steps are fetched when a finger or pointer comes to them, not with the first page.
  experimental: {
    // A piece that does not come over the line is said (app/plugins/missing-piece.ts); the page is not thrown away for it.
    emitRouteChunkError: 'manual',
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
  },
  // Of what a page may need later only the page for errors is fetched ahead: the line may be gone by then.
  hooks: {
    'build:manifest': (manifest) => {
      for (const file of Object.values(manifest)) {
        file.dynamicImports = file.dynamicImports?.filter(isOfErrors)
        // Letters that come late push everything aside.
        if (isFirstFont(file.file)) file.preload = true
      }
    },
  },
  // A phone in a cellar waits for bytes: they are sent compressed, made so when it is built.
  // (The types of this version leave the setting out.)
  nitro: {
    routeRules: {
      '/**': { headers: securityHeaders },
      '/_nuxt/**': { headers: filePolicy },
      '/sw.js': { headers: { ...filePolicy, 'Cache-Control': 'no-cache' } },
    },
    compressPublicAssets: { gzip: true, brotli: true },
    serverAssets: [
      { baseName: 'migrations', dir: here('server/database/migrations') },
      { baseName: 'fonts', dir: here('node_modules/dejavu-fonts-ttf/ttf'), pattern: 'DejaVuSansCondensed{,-Bold}.ttf' },
      ...['sc', 'kr', 'devanagari', 'thai', 'symbols-2'].map((script) => ({
        baseName: `noto-sans-${script}`,
        dir: here(`node_modules/@fontsource/noto-sans-${script}/files`),
        pattern: '*-400-normal.woff2',
      })),
    ],
    rollupConfig: {
      plugins: [threadBundle(here('server/work/thread.ts'))],
      // Of its own, so that a thread, which needs the core, does not start another server with it.
      output: { manualChunks: (id: string) => (id.startsWith(here('core/')) ? 'core' : undefined) },
    },
  } as object,
  vite: {
    // In pieces, so that each comes when it is first asked for.
    worker: { format: 'es' },
    // Small pieces are joined: each asks for a way there and back of its own on a slow line.
    build: {
      target: 'es2022',
      rollupOptions: {
        output: {
          experimentalMinChunkSize: 12_000,
          manualChunks: chunkNames(),
          onlyExplicitManualChunks: true,
        },
      },
    },
  },
})
