/** Names of QTI 1.2 and those that we chose for its responses. */
export const CP12_NAMESPACE = 'http://www.imsglobal.org/xsd/imscp_v1p1'
export const RESPONSE = 'RESPONSE'
export const SCORE = 'SCORE'
/** The metadata field of QTI 1.x for the sort of item. */
export const TYPE_FIELD = 'qmd_itemtype'
/** How often an assessment may be taken, in the profile of QTI 1.2.1 that Common Cartridge 1.1 sets down. */
export const ATTEMPTS_FIELD = 'cc_maxattempts'

export function gapIdent(index: number): string {
  return `GAP_${index + 1}`
}

export function partIdent(index: number): string {
  return `PART_${index + 1}`
}
