import { runMain } from '../scripts/run/failure'
import { benchCore } from './core'
import { benchPage } from './page'

runMain(async () => {
  benchCore()
  await benchPage()
})
