import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [react(), tailwindcss()],
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  build: { chunkSizeWarningLimit: 1200 },
  test: { environment: 'jsdom', globals: false },
})
