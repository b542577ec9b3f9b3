import tailwind from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [laravel({ input: ['resources/js/main.tsx'] }), react(), tailwind()],
  build: { chunkSizeWarningLimit: 700 },
  resolve: { alias: { '@': '/resources/js' } },
})
