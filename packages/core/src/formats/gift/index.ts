import { FORMAT_DESCRIPTIONS } from '../descriptions.ts'
import type { Format } from '../format.ts'
import { gradeGift } from './grade.ts'
import { readGift } from './read.ts'
import { writeGift } from './write.ts'

/** GIFT, the General Import Format Technology text format, as published with its grammar. */
export const gift: Format = {
  ...FORMAT_DESCRIPTIONS.gift,
  write: writeGift,
  read: readGift,
  grader: gradeGift,
}
