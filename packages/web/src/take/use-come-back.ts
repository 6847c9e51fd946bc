import { useEffect } from 'react'
import { AnswerQueue } from './answer-queue'

/** When the network is back: what waits goes, and where somebody was handing in, that goes on. */
export function useComeBack(queue: AnswerQueue, handIn: (() => Promise<void>) | null): void {
  useEffect(() => {
    const back = (): void => void (handIn ? handIn() : queue.flush())
    window.addEventListener('online', back)
    const timer = handIn ? setInterval(back, 5000) : undefined
    return () => {
      window.removeEventListener('online', back)
      clearInterval(timer)
    }
  }, [queue, handIn])
  useEffect(() => {
    const leaving = (): void => void queue.flush()
    document.addEventListener('visibilitychange', leaving)
    return () => document.removeEventListener('visibilitychange', leaving)
  }, [queue])
}
