import { shippedCatalogue } from '~~/core/catalogue/catalogue'

export default defineEventHandler(() => shippedCatalogue.pipes)
