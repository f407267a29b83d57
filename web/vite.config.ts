import babel from '@rolldown/plugin-babel'
import tailwindcss from '@tailwindcss/vite'
import react, { reactCompilerPreset } from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  // what is drawn again while a line is dragged is only what has changed: the compiler remembers the rest
  plugins: [react(), babel({ presets: [reactCompilerPreset()] }), tailwindcss()],
  server: { proxy: { '/api': { target: 'http://127.0.0.1:8420', ws: true } } },
  build: { chunkSizeWarningLimit: 1200 },
  test: { environment: 'jsdom', globals: false },
})
