import type { ChangePaper } from './paper-state'
import type { PaperState } from './paper-parts'
import { type Paper, useVersions } from './queries'
import { Rules } from './versions/RuleFields'
import { Overlap } from './versions/Overlap'
import { DrawForm } from './versions/DrawForm'

/** Rules to draw by, the versions drawn, and what they share. */
export function VersionsPanel({
  paper,
  state,
  change,
  flush,
}: {
  readonly paper: Paper
  readonly state: PaperState
  readonly change: ChangePaper
  readonly flush: () => Promise<void>
}) {
  const versions = useVersions(paper.id, paper.version)
  const total = state.entries.length + state.rules.reduce((sum, rule) => sum + rule.count, 0)
  return (
    <div className="grid gap-5">
      <Rules state={state} change={change} found={versions.data?.found ?? []} />
      <DrawForm
        paper={paper}
        flush={flush}
        drawn={versions.data?.papers.filter((one) => one.label).length ?? 0}
        total={total}
      />
      {versions.data && versions.data.papers.some((one) => one.label) && (
        <Overlap {...versions.data} paperId={paper.id} />
      )}
    </div>
  )
}
