import { shelf } from './shelf'

afterEach(() => {
  jest.restoreAllMocks()
  shelf.removeItem('name')
})

test('is the storage of the browser', () => {
  shelf.setItem('name', 'ebb')
  expect(localStorage.getItem('name')).toBe('ebb')
  expect(shelf.getItem('name')).toBe('ebb')
  shelf.removeItem('name')
  expect(localStorage.getItem('name')).toBeNull()
  expect(shelf.getItem('name')).toBeNull()
})

test('where that is full, the page keeps it, and what was there before does not come back', () => {
  shelf.setItem('name', 'old')
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })
  shelf.setItem('name', 'new')
  expect(shelf.getItem('name')).toBe('new')
  expect(localStorage.getItem('name')).toBeNull()
  full.mockRestore()
  shelf.setItem('name', 'newer')
  expect([shelf.getItem('name'), localStorage.getItem('name')]).toEqual(['newer', 'newer'])
})

test('where it is shut altogether, nothing breaks', () => {
  for (const call of ['getItem', 'setItem', 'removeItem'] as const)
    jest.spyOn(Storage.prototype, call).mockImplementation(() => {
      throw new DOMException('shut', 'SecurityError')
    })
  shelf.setItem('name', 'ebb')
  expect(shelf.getItem('name')).toBe('ebb')
  shelf.removeItem('name')
  expect(shelf.getItem('name')).toBeNull()
})
