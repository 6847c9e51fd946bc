import type { Format } from '../format.ts'
import { gradeGift } from './grade.ts'
import { GIFT_LIMITS } from './limits.ts'
import { readGift } from './read.ts'
import { writeGift } from './write.ts'

/** GIFT, the General Import Format Technology text format, as published with its grammar. */
export const gift: Format = {
  id: 'gift',
  name: 'GIFT',
  fileEnding: 'gift.txt',
  limits: GIFT_LIMITS,
  write: writeGift,
  read: readGift,
  grader: gradeGift,
}
