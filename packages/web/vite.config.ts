import tailwind from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), tailwind()],
  worker: { format: 'es' },
  // What each page asks for is counted by its manifest.
  build: { target: 'es2023', chunkSizeWarningLimit: 1800, manifest: true },
  server: { proxy: { '/api': 'http://127.0.0.1:4400' } },
})
