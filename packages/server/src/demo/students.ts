/** Made-up names. */
export const STUDENTS: readonly string[] = [
  'Aldis Brekke',
  'Bente Havn',
  'Corvin Strand',
  'Dagny Moe',
  'Eskil Torp',
  'Fenja Lund',
  'Gisle Aker',
  'Hedda Vik',
  'Ivo Sandnes',
  'Jorun Eide',
  'Kasper Nes',
  'Linnea Foss',
  'Magne Rud',
  'Nora Dahl',
  'Orm Hauge',
  'Petra Sund',
  'Ragna Berg',
  'Sivert Lie',
  'Tove Myhre',
  'Ulrik Aas',
  'Vilde Krog',
  'Wenche Holt',
  'Yrsa Bakken',
  'Åse Lervik',
  'Øyvind Tangen',
]

/** As many made-up names, no two alike: given names with other family names. */
export function manyNames(count: number): string[] {
  const given = STUDENTS.map((name) => name.split(' ')[0] ?? name)
  const family = STUDENTS.map((name) => name.split(' ')[1] ?? name)
  return Array.from({ length: count }, (_none, at) => {
    const round = Math.floor(at / given.length)
    const last = family[(at + round * 7 + 3) % family.length] ?? ''
    return `${given[at % given.length] ?? ''} ${last}`
  })
}
