import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'
import { themePlugin } from './build/themeSheet.ts'

// The server puts a fresh nonce in place of the placeholder at each response;
// nothing is inlined, so that the content policy can stay strict.
export default defineConfig({
  plugins: [
    vue(),
    themePlugin(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      injectRegister: null,
      injectManifest: { globPatterns: ['assets/*.{js,css,woff2}'], rollupFormat: 'iife' },
      manifest: {
        name: 'Willing Sparrow',
        short_name: 'Sparrow',
        description: 'Plans, fits, calls and logs a bodyweight circuit for a mixed class.',
        start_url: '/',
        display: 'standalone',
        background_color: '#f5f1e6',
        theme_color: '#f5f1e6',
        icons: [192, 512].map((size) => ({
          src: `/icon-${size}.png`,
          sizes: `${size}x${size}`,
          type: 'image/png',
          purpose: 'any maskable',
        })),
      },
    }),
  ],
  // The message compiler neither needs the older interface nor evaluates code.
  define: { __VUE_I18N_LEGACY_API__: false, __VUE_I18N_FULL_INSTALL__: true, __INTLIFY_PROD_DEVTOOLS__: false },
  html: { cspNonce: '__CSP_NONCE__' },
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { assetsInlineLimit: 0, sourcemap: false, reportCompressedSize: false, modulePreload: { polyfill: false } },
  test: {
    environment: 'happy-dom',
    environmentOptions: { happyDOM: { url: 'http://studio.test/' } },
    include: ['src/**/*.test.ts'],
    restoreMocks: true,
    // The files of a worker share its page and the packages: a page for each took four fifths of the time.
    isolate: false,
  },
})
