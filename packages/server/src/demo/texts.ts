import { demoText } from './demo-text.ts'

/** Made-up course material of the invented Skarnholm Harbour School. */
export const BANK_TEXT = demoText('bank.txt')
export const CLEAN_DRAFT = demoText('tides-week-2.txt')
export const MESSY_DRAFT = demoText('buoys-and-lights-week-3.txt')

/** What the course is to teach: code, statement. */
export const OUTCOMES: readonly (readonly string[])[] = [
  ['code', 'statement'],
  ['P1', 'Reads and uses the chart'],
  ['P1.1', 'Measures distances and courses on the chart in nautical miles and degrees'],
  ['P1.2', 'Takes a bearing with the compass and allows for variation'],
  ['P2', 'Knows buoys and lights'],
  ['P2.1', 'Names buoys and the side on which they are left in region A'],
  ['P2.2', 'Tells lights by their character: flashing, occulting, isophase, quick'],
  ['P3', 'Reckons with the tide'],
  ['P3.1', 'Finds the height of tide at a time by the tide table and the rule of twelfths'],
  ['P3.2', 'Allows for the tidal stream, ebb and flood'],
  ['P4', 'Ties the knots of the course'],
  ['P5', 'Makes and answers radio calls'],
  ['P6', 'Judges the weather, fog and wind before leaving harbour'],
]
