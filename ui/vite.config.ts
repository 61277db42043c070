import { fileURLToPath } from 'node:url'
import { parse } from '@formatjs/icu-messageformat-parser'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { compression } from 'vite-plugin-compression2'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'
import { READS } from './src/api/meaning'

const reads = ({ url, request }: { url: URL; request: Request }) =>
  request.method === 'GET' &&
  url.pathname.startsWith('/api/v1/') &&
  !url.pathname.includes('/bench') && // a run keeps itself, with its own clock
  !url.pathname.startsWith('/api/v1/reports/') &&
  !url.pathname.startsWith('/api/v1/crew/') &&
  !/\.(pdf|zip|ics|csv)$/.test(url.pathname)

/** Catalogues of phrases are taken apart when they are built: the parser does not go over the wire. */
const catalogues = {
  name: 'catalogues',
  enforce: 'pre' as const,
  transform(text: string, id: string) {
    if (!/src\/words\/en\/\w+\.json$/.test(id)) return undefined
    const messages = Object.entries(JSON.parse(text) as Record<string, string>).map(([code, message]) => {
      const parts = parse(message)
      return [code, parts.length === 1 && parts[0]?.type === 0 ? parts[0].value : parts]
    })
    return {
      code: `export default ${JSON.stringify(Object.fromEntries(messages))}`,
      moduleType: 'js' as const,
    }
  },
}

export default defineConfig({
  resolve: {
    alias: {
      '@formatjs/icu-messageformat-parser': '@formatjs/icu-messageformat-parser/no-parser.js',
      'react-style-singleton': fileURLToPath(new URL('src/parts/adoptedStyle.ts', import.meta.url)),
    },
  },
  plugins: [
    catalogues,
    react(),
    tailwindcss(),
    compression({ algorithms: ['brotliCompress'], include: /assets\/.*\.(js|css)$/ }),
    VitePWA({
      registerType: 'autoUpdate',
      manifestFilename: 'manifest.json',
      injectRegister: null, // main.tsx does, once the page is drawn
      manifest: {
        name: 'Attune',
        short_name: 'Attune',
        description: 'Leather and trim care, from survey to hand-over',
        start_url: '/',
        display: 'standalone',
        background_color: '#e3e8e2',
        theme_color: '#aa3a0a',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        clientsClaim: true,
        skipWaiting: true,
        runtimeCaching: [
          {
            urlPattern: reads,
            handler: 'NetworkFirst',
            options: {
              cacheName: READS,
              networkTimeoutSeconds: 15,
              expiration: { maxEntries: 300, maxAgeSeconds: 7 * 24 * 60 * 60 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
  server: { proxy: { '/api': 'http://localhost:8080' } },
  build: { outDir: 'target/classes/static', emptyOutDir: true },
  test: {
    isolate: false, // one world for all files, a fifth of the work: what a test changes it puts back
    projects: [
      { extends: true, test: { name: 'rules', include: ['src/**/*.test.ts'], environment: 'node' } },
      {
        extends: true,
        test: {
          name: 'screens',
          include: ['src/**/*.test.tsx'],
          environment: 'jsdom',
          setupFiles: 'src/testing.ts',
        },
      },
    ],
  },
})
