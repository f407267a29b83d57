import babel from '@rolldown/plugin-babel'
import tailwindcss from '@tailwindcss/vite'
import react, { reactCompilerPreset } from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

/** React Three Fiber gets three with a clock that is not deprecated; see there. */
const threeWithTimer = {
  name: 'three-with-timer',
  enforce: 'pre' as const,
  resolveId: (wanted: string, by?: string) =>
    wanted === 'three' && by?.includes('@react-three/fiber')
      ? new URL('src/bench/threeWithTimer.ts', import.meta.url).pathname
      : undefined,
}

export default defineConfig({
  // components that say 'use memo' draw again only what has changed: those that answer while a line is dragged
  plugins: [
    threeWithTimer,
    react(),
    babel({ presets: [reactCompilerPreset({ compilationMode: 'annotation' })] }),
    tailwindcss(),
  ],
  server: { proxy: { '/api': { target: 'http://127.0.0.1:8420', ws: true } } },
  build: { chunkSizeWarningLimit: 1200 },
  // those that need a page say so in their first line
  // and all share one, which takes a fifth of the time: a file may leave nothing behind in a module
  test: { environment: 'node', globals: false, isolate: false },
})
