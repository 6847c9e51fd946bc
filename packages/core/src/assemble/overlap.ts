/** How many items each pair of papers shares; the diagonal says how many a paper has. */
export function overlapTable(papers: readonly (readonly string[])[]): number[][] {
  const sets = papers.map((ids) => new Set(ids))
  return sets.map((own) => sets.map((other) => [...own].filter((id) => other.has(id)).length))
}
