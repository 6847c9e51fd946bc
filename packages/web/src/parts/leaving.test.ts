import { forgetTyped, saveAll, saveBeforeLeaving } from './leaving'

test('what is open is saved before somebody leaves, and only what is open still', async () => {
  const saved: string[] = []
  const close = saveBeforeLeaving(() => Promise.resolve(saved.push('closed')))
  saveBeforeLeaving(() => Promise.resolve(saved.push('open')))
  close()
  await saveAll()
  expect(saved).toEqual(['open'])
})

test('what was typed is gone from the browser, and nothing else', () => {
  localStorage.setItem('zakuska.draft.1', 'text')
  localStorage.setItem('zakuska.draft.2', 'text')
  localStorage.setItem('of.somebody.else', 'kept')
  forgetTyped()
  expect(Object.keys(localStorage)).toEqual(['of.somebody.else'])
})
