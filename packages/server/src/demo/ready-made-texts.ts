import { demoText } from './demo-text.ts'

export interface ReadyMadeSet {
  readonly title: string
  /** What it teaches to, by the course's outcomes: code and statement. */
  readonly outcome: string
  readonly category: string
  readonly text: string
}

/** Made-up sets of the invented Skarnholm Harbour School, one per outcome, to look through and copy. */
export const READY_MADE: readonly ReadyMadeSet[] = [
  {
    title: 'Distances and courses',
    outcome: 'P1.1 Measures distances and courses on the chart in nautical miles and degrees',
    category: 'Navigation/Charts',
    text: demoText('ready-made/distances-and-courses.txt'),
  },
  {
    title: 'Which side to leave it',
    outcome: 'P2.1 Names buoys and the side on which they are left in region A',
    category: 'Navigation/Buoys',
    text: demoText('ready-made/which-side-to-leave-it.txt'),
  },
  {
    title: 'Lights by their character',
    outcome: 'P2.2 Tells lights by their character: flashing, occulting, isophase, quick',
    category: 'Navigation/Lights',
    text: demoText('ready-made/lights-by-their-character.txt'),
  },
  {
    title: 'Height of tide',
    outcome: 'P3.1 Finds the height of tide at a time by the tide table and the rule of twelfths',
    category: 'Tides',
    text: demoText('ready-made/height-of-tide.txt'),
  },
  {
    title: 'Calls on the radio',
    outcome: 'P5 Makes and answers radio calls',
    category: 'Radio and signals',
    text: demoText('ready-made/calls-on-the-radio.txt'),
  },
]
