import { readdirSync, readFileSync } from 'node:fs'
import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { BootstrapVueNextResolver } from 'bootstrap-vue-next/resolvers'
import Components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vitest/config'

const server = `http://127.0.0.1:${process.env.NIMBLET_PORT ?? '8480'}`

const specs = readdirSync(new URL('src', import.meta.url), { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.spec.ts'))
  .map((name) => `src/${name}`)
/** A module that is replaced stays replaced for whoever loads it next, so these load all anew. */
const replacing = specs.filter((name) =>
  /vi\.(mock|resetModules)\(/.test(readFileSync(new URL(name, import.meta.url), 'utf8')),
)

export default defineConfig({
  logLevel: 'warn',
  plugins: [
    vue(),
    Components({ resolvers: [BootstrapVueNextResolver()], dirs: [], dts: 'components.d.ts' }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  css: {
    preprocessorOptions: {
      scss: {
        silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
        quietDeps: true,
      },
    },
  },
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    reportCompressedSize: false,
    rolldownOptions: { checks: { pluginTimings: false } },
  },
  server: { host: '127.0.0.1', proxy: { '/api': { target: server, changeOrigin: true } } },
  test: {
    environment: 'happy-dom',
    server: { deps: { inline: ['bootstrap-vue-next'] } },
    // Loading everything anew for each file takes three times as long as the tests do.
    projects: [
      {
        extends: true,
        test: {
          name: 'together',
          include: specs.filter((name) => !replacing.includes(name)),
          isolate: false,
        },
      },
      { extends: true, test: { name: 'apart', include: replacing } },
    ],
    maxWorkers: '100%',
    restoreMocks: true,
    unstubGlobals: true,
    setupFiles: ['src/eachTestAlone.ts'],
    // A machine that is busy with other things draws five times slower; a test that hangs still ends.
    testTimeout: 60_000,
  },
})
