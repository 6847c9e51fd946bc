/** Names that QTI and Content Packaging fix in every version, and those that we chose for variables. */
export const LOM_NAMESPACE = 'http://ltsc.ieee.org/xsd/LOM'
export const XSI_NAMESPACE = 'http://www.w3.org/2001/XMLSchema-instance'
export const MANIFEST = 'imsmanifest.xml'
export const RESPONSE = 'RESPONSE'
export const SCORE = 'SCORE'
export const FEEDBACK = 'FEEDBACK'
/** What our own files call the feedback to an item as a whole. */
export const GENERAL = 'general'
export const CHOSEN = 'CHOSEN'
/** The candidate's wish for a hint, and what shows it. */
export const HINT = 'HINT'
export const HINT_SHOWN = 'HINT_SHOWN'
