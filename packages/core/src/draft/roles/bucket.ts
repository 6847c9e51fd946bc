/** A count as a name, so that a long draft is like a short one. */
export function bucket(count: number): string {
  return count <= 1 ? '1' : count <= 2 ? '2' : count <= 4 ? '4' : count <= 8 ? '8' : 'many'
}
