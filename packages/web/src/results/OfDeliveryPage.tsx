import { useEffect, useRef } from 'react'
import { Navigate, useParams } from 'react-router'
import { Problem, Waiting } from '../parts/Empty'
import { useSittingChanges, useSittings } from './queries'

/** The results of a delivery: where they were fetched before, else they are fetched now. */
export function OfDeliveryPage() {
  const { id = '' } = useParams()
  const sittings = useSittings()
  const { ofDelivery } = useSittingChanges()
  const known = sittings.data?.find(({ deliveryId }) => deliveryId === id)
  const begun = useRef(false)
  const { mutate } = ofDelivery
  const isUnknown = sittings.data !== undefined && !known
  useEffect(() => {
    if (!isUnknown || begun.current) return
    begun.current = true
    mutate(id)
  }, [id, isUnknown, mutate])
  const found = known?.id ?? ofDelivery.data?.sitting.id
  if (found !== undefined) return <Navigate to={`/results/${found}`} replace />
  const error = sittings.error ?? ofDelivery.error
  if (error) return <Problem error={error} again={() => mutate(id)} />
  return <Waiting what="the responses" />
}
