import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { stableJson, withOptionOrder, type Item } from '@zakuska/core'
import type { Schemas } from '../api/client'
import { useTell } from '../parts/notices'
import { RichText } from '../parts/RichText'
import type { ItemOf } from './paper-state'
import type { Section } from './paper-parts'
import type { Entry } from './paper-parts'

/** The items of a paper in their order, section by section; dragged or moved by keyboard. */
export function EntryList({
  entries,
  sections,
  items,
  change,
}: {
  readonly entries: readonly Entry[]
  readonly sections: readonly Section[]
  readonly items: ItemOf
  readonly change: (entries: Entry[]) => void
}) {
  const tell = useTell()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const ids = entries.map((entry) => entry.itemId)
  const moved = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over.id))]
    const section = entries[to]?.sectionId ?? null
    const next = entries.map((entry, at) => (at === from ? { ...entry, sectionId: section } : entry))
    change(arrayMove(next, from, to))
  }
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol aria-label="Items of the paper">
          {entries.map((entry, index) => (
            <EntryRow
              key={entry.itemId}
              entry={entry}
              index={index}
              sections={sections}
              heads={headsBefore(entries, sections, index)}
              item={items.get(entry.itemId)}
              before={items.get(entries[index - 1]?.itemId ?? '')}
              set={(part) => change(entries.map((one, at) => (at === index ? { ...one, ...part } : one)))}
              remove={() => {
                change(entries.filter((_one, at) => at !== index))
                tell(`Item ${index + 1} was taken off the paper.`, { undo: () => change([...entries]) })
              }}
            />
          ))}
        </ol>
        {headsBefore(entries, sections, entries.length).map((section) => (
          <SectionHead key={section.id} section={section} empty />
        ))}
      </SortableContext>
    </DndContext>
  )
}

/** Sections that begin before the item at a place: its own where it is the first there, and those without items before it. */
function headsBefore(entries: readonly Entry[], sections: readonly Section[], index: number): readonly Section[] {
  const placeOf = (at: number): number => {
    if (at >= entries.length) return sections.length - 1
    return sections.findIndex((section) => section.id === entries[at]?.sectionId)
  }
  const before = index === 0 ? -1 : placeOf(index - 1)
  return sections.slice(before + 1, placeOf(index) + 1)
}

function SectionHead({ section, empty = false }: { readonly section: Section; readonly empty?: boolean }) {
  return (
    <div className="mt-5 mb-1 border-b border-ink pb-1">
      <h3 className="text-[17px] font-semibold">{section.title || 'Untitled section'}</h3>
      {section.instructions && <p className="font-text text-[14.5px] whitespace-pre-line">{section.instructions}</p>}
      {empty && <p className="text-xs text-muted">No items in this section yet</p>}
    </div>
  )
}

function EntryRow({
  entry,
  index,
  sections,
  heads,
  item,
  before,
  set,
  remove,
}: {
  readonly entry: Entry
  readonly index: number
  readonly sections: readonly Section[]
  readonly heads: readonly Section[]
  readonly item: Schemas['ItemDto'] | undefined
  /** The item that stands before it; its passage is not said twice. */
  readonly before: Schemas['ItemDto'] | undefined
  readonly set: (part: Partial<Entry>) => void
  readonly remove: () => void
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: entry.itemId })
  const body = item && withOptionOrder(item.body, entry.optionOrder)
  const passage = body?.passage
  const isSaid = before !== undefined && stableJson(before.body.passage ?? null) === stableJson(passage ?? null)
  return (
    <li ref={setNodeRef} style={{ transform: CSS.Translate.toString(transform), transition }}>
      {heads.map((section) => (
        <SectionHead key={section.id} section={section} />
      ))}
      {passage && !isSaid && (
        <div className="my-2 border-l-[3px] border-line pl-3 font-text text-[14.5px]">
          <RichText content={passage} />
        </div>
      )}
      <div
        className={`group -mx-3 grid grid-cols-[24px_26px_1fr_auto] gap-x-1 px-1 py-2 ${isDragging ? 'relative z-10 border border-ink bg-here' : ''}`}
      >
        <button
          type="button"
          aria-label={`Move item ${index + 1}`}
          {...attributes}
          {...listeners}
          className="size-6 cursor-grab touch-none text-edge"
        >
          ⋮⋮
        </button>
        <span className="text-right font-text font-semibold text-muted">{index + 1}</span>
        <EntryText body={body} entry={entry} sections={sections} index={index} set={set} item={item} />
        <PointsOfEntry index={index} entry={entry} set={set} remove={remove} />
      </div>
    </li>
  )
}

function PointsOfEntry({
  index,
  entry,
  set,
  remove,
}: {
  readonly index: number
  readonly entry: Entry
  readonly set: (part: Partial<Entry>) => void
  readonly remove: () => void
}) {
  return (
    <div className="flex items-start gap-1">
      <input
        type="number"
        min={0}
        max={1000}
        step="any"
        aria-label={`Points of item ${index + 1}`}
        value={entry.points}
        onChange={(event) => {
          if (!Number.isNaN(event.target.valueAsNumber)) set({ points: event.target.valueAsNumber })
        }}
        className="w-14 rounded-[3px] border border-line bg-sheet px-1 text-right tabular-nums"
      />
      <button
        type="button"
        aria-label={`Take item ${index + 1} off the paper`}
        onClick={remove}
        className="size-6 text-muted"
      >
        ×
      </button>
    </div>
  )
}

/** The item as it is printed, and what is said at it. */
function EntryText({
  body,
  entry,
  sections,
  index,
  set,
  item,
}: {
  readonly body: Item | undefined
  readonly entry: Entry
  readonly sections: readonly Section[]
  readonly index: number
  readonly set: (part: Partial<Entry>) => void
  readonly item: Schemas['ItemDto'] | undefined
}) {
  return (
    <div className="min-w-0 pl-2" dir="auto">
      {body ? (
        <>
          <div className="font-text text-[16px] leading-snug">
            <RichText content={body.stem} />
            {!entry.required && <span className="font-ui text-xs text-muted"> (need not be answered)</span>}
          </div>
          {'options' in body && (
            <ol className="grid gap-x-6 pt-1 font-text text-[14.5px] sm:grid-cols-2">
              {body.options.map((option, at) => (
                <li key={option.id} className="flex gap-2">
                  <span className="font-ui text-[12.5px] text-muted">{String.fromCharCode(97 + at)}</span>
                  <RichText content={option.content} inline />
                </li>
              ))}
            </ol>
          )}
          {body.kind === 'truefalse' && (
            <p className="flex gap-10 pt-1 font-text text-[14.5px]">
              <span>true</span>
              <span>false</span>
            </p>
          )}
          {sections.length > 0 && (
            <label className="block pt-1 text-xs text-muted print:hidden">
              Section{' '}
              <select
                aria-label={`Section of item ${index + 1}`}
                value={sections.some((section) => section.id === entry.sectionId) ? (entry.sectionId ?? '') : ''}
                onChange={(event) => set({ sectionId: event.target.value || null })}
                className="rounded-[3px] border border-line bg-sheet px-1 text-ink"
              >
                <option value="">before the first</option>
                {sections.map((section) => (
                  <option key={section.id} value={section.id}>
                    {section.title || 'Untitled section'}
                  </option>
                ))}
              </select>
            </label>
          )}
          {item?.signOff === null && (
            <p className="pt-1 text-xs text-beet">
              <span aria-hidden="true">◆ </span>not signed off
            </p>
          )}
        </>
      ) : (
        <p className="text-muted">Loading the item …</p>
      )}
    </div>
  )
}
