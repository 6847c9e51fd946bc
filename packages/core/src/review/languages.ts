import { plainText } from '../content/plain.ts'
import type { Item } from '../item/model.ts'

/** What the writing checks know of a language. Where a language is not listed, checks that rest on words are not made. */
export interface ReviewWords {
  /** BCP 47 primary tag. */
  readonly code: string
  /** Words by which the language is told, each common in it and rare in the others. */
  readonly common: ReadonlySet<string>
  readonly allAbove: RegExp
  readonly noneAbove: RegExp
  /** A question or completion that asks for the exception; the negative word is its first group. */
  readonly negative: RegExp
  readonly absolute: RegExp
  /** Stems that say nothing of what is asked. */
  readonly unfocused: RegExp
}

const words = (list: string): ReadonlySet<string> => new Set(list.split(' '))
const word = (source: string): RegExp => new RegExp(`(?<![\\p{L}\\p{M}])(?:${source})(?![\\p{L}\\p{M}])`, 'iu')
const whole = (source: string): RegExp => new RegExp(`^(?:${source})[\\s.!?:…]*$`, 'iu')

export const REVIEW_LANGUAGES: readonly ReviewWords[] = [
  {
    code: 'en',
    common: words(
      'the of and is which what to are with how a an in on it not when where for from that this be at by you does',
    ),
    allAbove: whole('all (?:of )?(?:the|these)(?: (?:above|answers|options|choices))?(?: are (?:correct|right|true))?'),
    noneAbove: whole(
      'none (?:of )?(?:the|these)(?: (?:above|answers|options|choices))?(?: (?:is|are) (?:correct|right|true))?',
    ),
    negative: word(
      '(?:which|what|who|where|when)(?! if)(?:(?! that )[^.?!,]){0,60}? (?:is|are|was|were|does|do|did|would|should|could|can|must|has|have|will|may) (?:\\p{L}+ ){0,2}?(not)|all [^.?!]{0,80}(except)|(?:is|are|was|were|does|do|can|should) all [^.?!]{0,60}(except)|which [^.?!]{0,60}(least) (?:likely|important|useful)|(except) (?:for )?(?:which|one)',
    ),
    absolute: word('always|never|invariably|under no circumstances|without exception|in all cases|every single'),
    unfocused: whole(
      '(?:which|what) (?:one )?(?:of the (?:following|statements?|sentences?|options)(?: statements?)?|statements?|of these(?: statements?)?) (?:is|are) (?:true|correct|right|false|incorrect|wrong)|(?:choose|select|tick|pick|mark) the (?:correct|right|best|true) (?:answer|option|statement|one)|which (?:is|are) (?:true|correct)',
    ),
  },
  {
    code: 'de',
    common: words(
      'der die und ist das welche nicht ein eine wie von den dem im zu mit auf für sind was wer bei einer einen',
    ),
    allAbove: whole(
      'alle (?:der )?(?:oben )?(?:genannten|obigen|antworten|aussagen)(?: (?:antworten|aussagen))?(?: (?:sind|treffen) (?:richtig|zu))?',
    ),
    noneAbove: whole(
      'kein(?:e|er|es) (?:der )?(?:oben )?(?:genannten|obigen|antworten|aussagen)(?: (?:antworten|aussagen))?(?: (?:ist|trifft) (?:richtig|zu))?',
    ),
    negative: word('(?:welche[rsnm]?|was|wer|wo|wann)(?! wenn)[^.?!,]{0,80}? (nicht|kein(?:e|en|er|es)?)'),
    absolute: word('immer|niemals|nie|ausnahmslos|in jedem fall|auf keinen fall'),
    unfocused: whole(
      'welche (?:der folgenden )?(?:aussagen?|antworten?) (?:ist|sind) (?:richtig|falsch|korrekt)|was (?:ist|stimmt)(?: richtig| falsch)?|kreuzen? (?:sie )?(?:die )?richtige (?:antwort|aussage) an',
    ),
  },
  {
    code: 'fr',
    common: words('le la les est des quel quelle une un dans pour de du et en que qui sont par sur au avec'),
    allAbove: whole(
      'toutes? (?:les )?(?:réponses|propositions|ces réponses)(?: ci-dessus| précédentes)?(?: sont (?:correctes|justes|vraies))?',
    ),
    noneAbove: whole(
      'aucune (?:de(?:s| ces) )?(?:réponses|propositions)(?: ci-dessus| précédentes)?(?: n’est (?:correcte|juste))?',
    ),
    negative: word(
      '(?:quel(?:le)?s?|qui|que|qu’est-ce|lequel|laquelle|lesquels)[^.?!]{0,80}? n(?:e |’)[^.?!]{1,30}? (pas)|toutes? [^.?!]{0,60}(sauf)|tous [^.?!]{0,60}(sauf)',
    ),
    absolute: word('toujours|jamais|sans exception|en aucun cas|dans tous les cas'),
    unfocused: whole(
      'quelle (?:affirmation|proposition|réponse) est (?:vraie|correcte|juste|fausse)|laquelle est (?:vraie|correcte)|cochez la bonne réponse',
    ),
  },
  {
    code: 'es',
    common: words('el los las la qué cuál una un del de para en es y que se con por son cómo'),
    allAbove: whole('todas (?:las )?(?:anteriores|respuestas(?: anteriores)?)(?: son correctas)?'),
    noneAbove: whole('ninguna (?:de (?:las|ellas) )?(?:anteriores|respuestas(?: anteriores)?)?(?: es correcta)?'),
    negative: word(
      '(?:cuál(?:es)?|qué|quién)[^.?!]{0,60}? (no) (?:es|son|está|se|debe|puede|hay|pertenece)|todas? [^.?!]{0,60}(excepto)|todos [^.?!]{0,60}(excepto)',
    ),
    absolute: word('siempre|nunca|jamás|sin excepción|en ningún caso|en todos los casos'),
    unfocused: whole(
      '¿?cuál (?:de las siguientes )?(?:afirmaciones|es|opción es) (?:es )?(?:la )?(?:correcta|verdadera|falsa)',
    ),
  },
  {
    code: 'sv',
    common: words('och är som att vilken vad ett en för på av i det den de med till vilket hur inte'),
    allAbove: whole(
      'alla (?:ovanstående|alternativ(?:en)?|svaren?)(?: (?:alternativ|svar))?(?: (?:är|stämmer)(?: rätt)?)?',
    ),
    noneAbove: whole('inge[nt] (?:av )?(?:ovanstående|alternativen|svaren|dem)(?: (?:alternativ|svar))?'),
    negative: word('(?:vilke[nt]|vilka|vad|vem|var)[^.?!,]{0,60}? (inte|ej)|alla [^.?!]{0,60}(utom)'),
    absolute: word('alltid|aldrig|utan undantag|under inga omständigheter'),
    unfocused: whole('vilket (?:påstående|alternativ|svar) är (?:rätt|sant|korrekt|fel)|vad är rätt'),
  },
  {
    code: 'nl',
    common: words('het een van wat welke is zijn voor niet de en in op te met bij hoe wordt dat'),
    allAbove: whole('alle (?:bovenstaande|antwoorden|genoemde)(?: (?:antwoorden|opties))?(?: zijn (?:juist|goed))?'),
    noneAbove: whole('geen (?:van )?(?:de |het )?(?:bovenstaande|antwoorden|genoemde)(?: (?:antwoorden|opties))?'),
    negative: word('(?:welke?|wat|wie|waar)[^.?!,]{0,60}? (niet|geen)|alle [^.?!]{0,60}(behalve)'),
    absolute: word('altijd|nooit|zonder uitzondering|in geen geval'),
    unfocused: whole('welke (?:bewering|uitspraak|stelling) is (?:juist|waar|correct|onjuist)|wat is juist'),
  },
  {
    code: 'it',
    common: words('il che di quale sono una un della del per gli nel la le è e in con si come da'),
    allAbove: whole('tutte (?:le )?(?:precedenti|risposte(?: precedenti)?)(?: sono corrette)?'),
    noneAbove: whole('nessuna (?:delle )?(?:precedenti|risposte(?: precedenti)?)'),
    negative: word('(?:quale|quali|che cosa|chi)[^.?!]{0,60}? (non)|tutt[ei] [^.?!]{0,60}(tranne|eccetto)'),
    absolute: word('sempre|mai|senza eccezioni|in nessun caso'),
    unfocused: whole('quale (?:affermazione|risposta) è (?:vera|corretta|falsa)'),
  },
  {
    code: 'pt',
    common: words('o os que qual uma um para são não do da de a as em é e com por se como'),
    allAbove: whole('todas as (?:anteriores|alternativas(?: anteriores)?|respostas)'),
    noneAbove: whole('nenhuma das (?:anteriores|alternativas(?: anteriores)?|respostas)'),
    negative: word('(?:qual|quais|quem)[^.?!]{0,60}? (não)|todas? [^.?!]{0,60}(exceto)|todos [^.?!]{0,60}(exceto)'),
    absolute: word('sempre|nunca|jamais|sem exceção|em nenhum caso'),
    unfocused: whole(
      'qual (?:das seguintes )?(?:afirmações|afirmação|alternativa) (?:é|está) (?:correta|verdadeira|falsa)',
    ),
  },
]

const MIN_SHARE = 0.12

/** The words for an item's language: the one that it names, else the one that its text is told by; null: none listed. */
export function reviewWords(item: Item): ReviewWords | null {
  const named = item.language?.toLowerCase().split('-')[0]
  if (named !== undefined && named !== '') return REVIEW_LANGUAGES.find((one) => one.code === named) ?? null
  let words = told.get(item)
  if (words === undefined) {
    words = languageOfText(allText(item))
    told.set(item, words)
  }
  return words
}

/** Items never change, and every check of one asks for its language. */
const told = new WeakMap<Item, ReviewWords | null>()

/** The listed language whose common words make up the largest share of the text, at least an eighth; null: none. */
export function languageOfText(text: string): ReviewWords | null {
  const words = text.toLowerCase().match(/[\p{L}\p{M}]+/gu) ?? []
  if (!words.length) return null
  let best: ReviewWords | null = null
  let most = MIN_SHARE
  for (const language of REVIEW_LANGUAGES) {
    const share = words.filter((one) => language.common.has(one)).length / words.length
    if (share > most) [best, most] = [language, share]
  }
  return best
}

function allText(item: Item): string {
  const options = 'options' in item ? item.options.map((option) => plainText(option.content)) : []
  return [plainText(item.stem), ...options].join(' ')
}
