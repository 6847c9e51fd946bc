/** Says "this is the key" by a shape and a word, never by colour alone. */
export function KeyGlyph() {
  return (
    <>
      <svg
        viewBox="0 0 24 24"
        className="inline size-[13px] text-dill"
        fill="none"
        stroke="currentColor"
        strokeWidth="2.4"
        aria-hidden="true"
      >
        <circle cx="7.5" cy="15.5" r="5.5" />
        <path d="m21 2-9.6 9.6M15.5 7.5 19 11" />
      </svg>
      <span className="sr-only">key: </span>
    </>
  )
}
