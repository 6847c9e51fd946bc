export { type Problem } from './content/check.ts'
export type { ElementNode, MarkupNode } from './content/markup.ts'
export {
  contentOf,
  countGaps,
  inlinesOf,
  isEmptyContent,
  normalizeContent,
  paragraph,
  styledText,
  type Block,
  type Content,
  type Gap,
  type Inline,
  type LineBreak,
  type List,
  type Paragraph,
  type Picture,
  type Preformatted,
  type Table,
  type TableRow,
  type Tex,
  type Text,
  type TextStyle,
} from './content/model.ts'
export { plainText } from './content/plain.ts'
export { cellText, paragraphOf } from './draft/document/blocks.ts'
export type {
  DocumentBlock,
  DocumentCell,
  DocumentParagraph,
  DocumentRun,
  DocumentStyle,
  DocumentTable,
} from './draft/document/blocks.ts'
export { decodeNarrow, decodeWindows, decodeXml, wideEncoding } from './formats/xml/decode-xml.ts'
export { tablesInText } from './draft/document/text-tables.ts'
export { documentDraft } from './draft/document/to-draft.ts'
export { ListCounters, listLabel, type NumberForm } from './draft/document/numbering.ts'
export { boxText, pagesToBlocks } from './draft/pages/to-blocks.ts'
export type { PageText, PlacedText } from './draft/pages/page.ts'
export { guessLayout } from './draft/columns/guess.ts'
export { COLUMN_ROLES, type ColumnLayout, type ColumnRole, type KeyForm } from './draft/columns/layout.ts'
export { editsForOptions, editsForTruth, withoutKeyEntry } from './draft/edits.ts'
export { followItems, followPlaces, placesOf, type ItemPlace, type FollowedItem, type SignOff } from './draft/follow.ts'
export {
  applyEdits,
  MARKS,
  type Mark,
  type MarkCode,
  type Mend,
  type SaidLine,
  type Severity,
  type TextEdit,
} from './draft/marks.ts'
export type {
  AsideLine,
  AsideReason,
  DraftSource,
  ItemPlaces,
  ReadItem,
  Reading,
  ReadPassage,
  SourceSpan,
  SourceStyle,
} from './draft/model.ts'
export { readingOutline } from './draft/outline.ts'
export { categoryChain, categoryPath } from './item/category.ts'
export { KIND_NAMES } from './item/kind-names.ts'
export { notationOf, notationsFor, readDraft } from './draft/read-draft.ts'
export { rereadDraft } from './draft/reread.ts'
export { LINE_PARTS, PART_KINDS, type LinePart } from './draft/roles/parts.ts'
export { ROLES, type Role } from './draft/roles/roles.ts'
export type { LineLook, Notation, NotationRule, TaughtLine } from './draft/teaching/model.ts'
export { NotationError, parseNotation } from './draft/teaching/notation.ts'
export { tidyReading, tidyText } from './draft/tidy.ts'
export { responseOf, variablesOf, type ResponseVariables } from './formats/qti/variables.ts'
export {
  DESTINATIONS,
  destinationOf,
  isService,
  limitsOf,
  SERVICE_IDS,
  type Destination,
  type ServiceId,
} from './destinations/destinations.ts'
export { fitItem, type Fit, type FitReason, type FitVerdict } from './fit/fit.ts'
export { remediesFor, remedied, REMEDIES, type Remedy, type Toward } from './fit/remedies.ts'
export type { RemedyId } from './fit/remedy-id.ts'
export { withTold, type ToldLimits } from './fit/told.ts'
export {
  FORMAT_IDS,
  FormatError,
  type Format,
  type FormatData,
  type FormatGrader,
  type FormatId,
  type Loss,
  type PackageFile,
  type ReadResult,
  type Unread,
  type WriteSettings,
  type Written,
} from './formats/format.ts'
export {
  barePlan,
  fitPaper,
  ITEMS_ONLY,
  PAPER_FEATURES,
  type FeedbackWhen,
  type PaperFeature,
  type PaperLimits,
  type PaperLoss,
  type PaperPlace,
  type PaperPlan,
} from './formats/paper-plan.ts'
export { COLUMNS_LIMITS } from './formats/columns/limits.ts'
export { itemRows, withHeaders, type ColumnTarget, type WrittenRows } from './formats/columns/write.ts'
export { isFormatId } from './formats/format.ts'
export { FORMATS } from './formats/index.ts'
export { child, children, descendants, elementsOf, parseXml } from './formats/xml/xml.ts'
export {
  measure,
  partsOf,
  type Assets,
  type Feature,
  type FormatLimits,
  type Limit,
  type Measure,
} from './fit/limits.ts'
export { pointsEarned, shareEarned } from './grade/grade.ts'
export { probesOf, type Probe, type ProbeKind } from './grade/probes.ts'
export { proofSummary, proveFormat, type FormatProof, type ProofSummary } from './proof/prove-format.ts'
export { proveAgainst, type HeldElsewhere, type ProofAgainst } from './proof/prove-against.ts'
export { proveItems, type ItemProof, type ProbeVerdict, type ProvenProbe } from './proof/prove.ts'
export { isAnswered, type Response } from './grade/response.ts'
export { readNumber, type TypedNumber } from './grade/number-value.ts'
export {
  counts,
  pointsPossible,
  scoreAttempts,
  scorePaper,
  type Attempt,
  type ItemFigures,
  type PaperFigures,
  type ScoredAttempt,
  type ScoreSettings,
} from './analyse/scores.ts'
export { analyse, type Analysis, type ItemAnalysis, type Reliability } from './analyse/analysis.ts'
export { answersTo, spellingsOf, withAccepted, type GivenAnswer, type Spelling } from './analyse/answers.ts'
export { countingAttempts, WHICH_COUNTS, type WhichCounts } from './analyse/attempt-choice.ts'
export { guessColumns, readRows, type AnswerRole, type GuessedColumn, type ReadRow } from './analyse/columns.ts'
export { type Flag, type FlagCode } from './analyse/flags.ts'
export { byOutcome, byTag, type GroupFigures } from './analyse/groups.ts'
export { THIRDS, type OptionCount, type OptionThirds, type Third } from './analyse/options.ts'
export { scoreChanges, type Grading, type ScoreChange } from './analyse/regrade.ts'
export { keyedBy, sampleDifferences, type SampleDifference } from './analyse/sample-key.ts'
export { type Spread } from './analyse/statistics.ts'
export { isResponse } from './grade/is-response.ts'
export { samenessOf } from './grade/sameness.ts'
export { keyInWords, responseText, sidesOf } from './grade/response-text.ts'
export { fitsItem, forStudent, fromStudent, type StudentItem } from './assemble/for-student.ts'
export { gradebookTables, type Gradebook, type Mark as GradebookMark } from './report/oneroster.ts'
export { qtiResult, type ReportedAttempt } from './report/qti-results.ts'
export { resultsSheet, SHEET_COLUMNS, type SheetAttempt, type SheetColumn } from './report/results-sheet.ts'
export { checkItem, isItemBody } from './item/check.ts'
export { fingerprint, stableJson } from './item/fingerprint.ts'
export {
  DEFAULT_TEXT_RULES,
  hasKey,
  isGraded,
  ITEM_KINDS,
  optionId,
  type ChoiceItem,
  type ClozeGap,
  type ClozeItem,
  type Credit,
  type EssayItem,
  type GridItem,
  type Item,
  type ItemCommon,
  type ItemKind,
  type PartCredit,
  type RubricLine,
  type MatchItem,
  type MultipleItem,
  type NoteItem,
  type NumericItem,
  type NumericKey,
  type Option,
  type OrderItem,
  type ScaleItem,
  type ShortItem,
  type SingleItem,
  type TextRules,
  type TrueFalseItem,
} from './item/model.ts'
export { outlineOf, type OutlineItem } from './item/outline.ts'
export { contentsOf, mapContents, withPictures } from './item/contents.ts'
export { CHECK_CODES, CHECKS, isCheckCode, type CheckCode } from './review/checks-table.ts'
export type { Finding, ReviewSettings } from './review/finding.ts'
export {
  likeness,
  NEARLY_SAME,
  nearDuplicates,
  shapeOf,
  type ItemShape,
  type NearPair,
} from './review/near-duplicates.ts'
export { readability, readText, type Readability } from './review/readability.ts'
export { rebalanceKeys, type Rebalanced } from './review/rebalance.ts'
export { reviewItem } from './review/review-item.ts'
export { reviewSet } from './review/review-set.ts'
export { planOf, type PlannedPaper } from './assemble/plan.ts'
export { arrange, inPaper, withOptionOrder, type Arranged, type ArrangeSettings } from './assemble/arrange.ts'
export { chanceOf, shuffled, type Chance } from './assemble/chance.ts'
export { draw, type Draw, type DrawRule, type DrawSettings, type Shortfall } from './assemble/draw.ts'
export { expectedSeconds } from './assemble/expected-time.ts'
export { overlapTable } from './assemble/overlap.ts'
export { OutcomesError, type OutcomeNode } from './outcomes/outcome.ts'
export { proposeOutcomes, type Proposal } from './outcomes/propose.ts'
export { readCase } from './outcomes/read-case.ts'
export { outcomesFromRows } from './outcomes/read-table.ts'
export { linearMath, mathRuns, type MathRun } from './content/math-runs.ts'
export { mathMl } from './content/mathematics.ts'
export { keyText, placeLetter } from './item/key-text.ts'
export { readXliff, writeXliff, XliffError, type ToTranslate, type Translated } from './translate/xliff.ts'
export { textUnits, type TextUnit } from './translate/units.ts'
export { EvidenceFinder, type Evidence, type EvidenceVerdict } from './writing/evidence.ts'
export { draftFigures, type DraftFigures } from './writing/figures.ts'
export { editsForItems } from './writing/replace.ts'
export { sourceParts, type SourcePart } from './writing/parts.ts'
export {
  ASKED_KINDS,
  COGNITIVE_LEVELS,
  countAsked,
  DIFFICULTIES,
  readingText,
  requestText,
  variantText,
  type AskedKind,
  type CognitiveLevel,
  type Difficulty,
  type RequestItems,
  type VariantAim,
  type WritingRequest,
} from './writing/request.ts'
export { estimateReply, estimateUnits } from './writing/units.ts'
export {
  WORD_ITEM_FORMS,
  wordItems,
  wordsIn,
  type ListedWord,
  type WordItemForm,
  type WordItems,
} from './writing/words.ts'
export { countWords, sentencesOf, type Sentence } from './writing/sentences.ts'
