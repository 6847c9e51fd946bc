import { lazy, Suspense, type ComponentProps } from 'react'
import { Waiting } from '../../parts/Empty'

const Form = lazy(() => import('../ItemForm').then((page) => ({ default: page.ItemForm })))

/** The form of an item; it comes with the rich editor, so it is loaded when somebody edits. */
export function ItemForm(props: ComponentProps<typeof Form>) {
  return (
    <Suspense fallback={<Waiting what="the form" />}>
      <Form {...props} />
    </Suspense>
  )
}
