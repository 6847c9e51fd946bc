import type { Format } from '../format.ts'
import { gradeGift } from './grade.ts'
import { ITEMS_ONLY } from '../paper-plan.ts'
import { GIFT_LIMITS } from './limits.ts'
import { readGift } from './read.ts'
import { writeGift } from './write.ts'

/** GIFT, the General Import Format Technology text format, as published with its grammar. */
export const gift: Format = {
  id: 'gift',
  name: 'GIFT',
  fileEnding: 'gift.txt',
  limits: GIFT_LIMITS,
  paper: ITEMS_ONLY,
  write: writeGift,
  read: readGift,
  grader: gradeGift,
}
