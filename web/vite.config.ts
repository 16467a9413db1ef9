import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

// The server puts a fresh nonce in place of the placeholder at each response;
// nothing is inlined, so that the content policy can stay strict.
export default defineConfig({
  plugins: [vue()],
  html: { cspNonce: '__CSP_NONCE__' },
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { assetsInlineLimit: 0, sourcemap: false, reportCompressedSize: false, modulePreload: { polyfill: false } },
  test: {
    environment: 'happy-dom',
    environmentOptions: { happyDOM: { url: 'http://studio.test/' } },
    include: ['src/**/*.test.ts'],
    restoreMocks: true,
  },
})
