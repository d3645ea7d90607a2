import { spawn } from 'node:child_process'
import { LocalDatabase } from './run/database'
import { runMain } from './run/failure'
import { portSetting } from './run/port'

/** The development server on a database of its own, with the demo jobs; Ctrl-C ends both. */
runMain(async () => {
  const database = new LocalDatabase('.data/dev', portSetting('DB_PORT', 33078))
  await database.start()
  const port = String(portSetting('PORT', 3000))
  const env = { ...process.env, DATABASE_URL: database.url, JOLVET_DEMO: '1', NUXT_TELEMETRY_DISABLED: '1' }
  const server = spawn('npx', ['--no-install', 'nuxt', 'dev', '--host', '127.0.0.1', '--port', port], {
    env,
    stdio: 'inherit',
  })
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => server.kill(signal))
  await new Promise((ended) => server.once('exit', ended))
  await database.stop()
})
