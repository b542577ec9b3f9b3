import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('resources/js', import.meta.url)) } },
  test: { environment: 'happy-dom', environmentOptions: { happyDOM: { url: 'http://localhost/' } }, include: ['resources/js/**/*.test.ts'] },
})
