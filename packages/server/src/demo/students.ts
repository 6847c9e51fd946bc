/** Made-up names. */
export const STUDENTS: readonly string[] = [
  'Aldis Brekke', 'Bente Havn', 'Corvin Strand', 'Dagny Moe', 'Eskil Torp', 'Fenja Lund', 'Gisle Aker', 'Hedda Vik', 'Ivo Sandnes', 'Jorun Eide',
  'Kasper Nes', 'Linnea Foss', 'Magne Rud', 'Nora Dahl', 'Orm Hauge', 'Petra Sund', 'Ragna Berg', 'Sivert Lie', 'Tove Myhre', 'Ulrik Aas',
  'Vilde Krog', 'Wenche Holt', 'Yrsa Bakken', 'Åse Lervik', 'Øyvind Tangen',
]
