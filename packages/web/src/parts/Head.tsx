/** The head of a desk: title, what it is, what can be done. */
export function Head({
  title,
  about,
  children,
}: {
  readonly title: React.ReactNode
  readonly about?: React.ReactNode
  readonly children?: React.ReactNode
}) {
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-x-3.5 gap-y-1.5 border-b border-line px-3 py-2.5 sm:px-[18px]">
      {typeof title === 'string' ? (
        <h1 className="text-xl leading-tight font-semibold tracking-tight">{title}</h1>
      ) : (
        title
      )}
      {about && <span className="text-xs text-muted">{about}</span>}
      <div className="ml-auto flex flex-wrap items-center gap-2">{children}</div>
    </div>
  )
}
