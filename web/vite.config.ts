import babel from '@rolldown/plugin-babel'
import tailwindcss from '@tailwindcss/vite'
import react, { reactCompilerPreset } from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  // components that say 'use memo' draw again only what has changed: those that answer while a line is dragged
  plugins: [react(), babel({ presets: [reactCompilerPreset({ compilationMode: 'annotation' })] }), tailwindcss()],
  server: { proxy: { '/api': { target: 'http://127.0.0.1:8420', ws: true } } },
  build: { chunkSizeWarningLimit: 1200 },
  // those that need a page say so in their first line
  test: { environment: 'node', globals: false },
})
