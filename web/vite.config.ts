import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import { bundleLimits } from './bundles.ts'

export default defineConfig({
  plugins: [react(), tailwindcss(), bundleLimits()],
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  build: { target: 'es2022', sourcemap: false },
})
