import { commonStart, waterCaution, type JointFigures, type Procedure } from '../procedure'

export function compressionPe({ insertion }: JointFigures): Procedure {
  return {
    tools: ['two grips', 'pipe shears', 'chamfer tool'],
    consumables: ['liner', 'potable silicone'],
    steps: [
      ...commonStart(insertion, 'never'),
      { text: 'Chamfer the end. Scrape scores smooth, along the pipe.' },
      { text: 'Liner in, to its collar. Loosen the nut until the grip ring is free.' },
      { text: 'Push through ring and seal until the mark is at the nut. Mind the flow arrow.' },
      { text: 'Tighten with two grips: one on the body, one on the nut.' },
      { text: 'Refill slowly, and check the nut again under pressure.' },
    ],
    inspection: ['the mark at the nut', 'dry under pressure'],
    spoils: ['pushed to the seal and not through it', 'scored where the seal sits', 'no liner'],
    apart: 'Undo the nut, free the ring, pull. Check the seal before you use it again.',
    cautions: [waterCaution, 'Where the pipe comes out of the ground, look for electricity before you dig or cut.'],
  }
}
