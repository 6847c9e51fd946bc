import { Dialog as RadixDialog } from 'radix-ui'
import type { ReactNode } from 'react'

/** A question that stands over the desk until it is answered; Escape leaves everything as it is. */
export function Dialog({
  open,
  close,
  title,
  children,
  wide = false,
}: {
  readonly open: boolean
  readonly close: () => void
  readonly title: string
  readonly children: ReactNode
  readonly wide?: boolean
}) {
  return (
    <RadixDialog.Root
      open={open}
      onOpenChange={(next) => {
        if (!next) close()
      }}
    >
      <RadixDialog.Portal>
        <RadixDialog.Overlay className="fixed inset-0 z-20 bg-ink/30 dark:bg-black/60" />
        <RadixDialog.Content
          aria-describedby={undefined}
          className={`fixed top-[12vh] left-1/2 z-30 max-h-[76vh] w-[calc(100vw-2rem)] ${wide ? 'max-w-3xl' : 'max-w-md'} -translate-x-1/2 overflow-y-auto rounded-[4px] border border-ink bg-sheet p-5`}
        >
          <RadixDialog.Title className="mb-2 text-base font-semibold">{title}</RadixDialog.Title>
          {children}
        </RadixDialog.Content>
      </RadixDialog.Portal>
    </RadixDialog.Root>
  )
}
