import { categoryChain, categoryPath } from './category.ts'

test('a category is put in order as it is typed', () => {
  expect(categoryPath(' Tides /  Heights of  tide/')).toBe('Tides/Heights of tide')
  expect(categoryPath(' / ')).toBe('')
  expect(categoryPath('a/'.repeat(30)).split('/')).toHaveLength(10)
})

test('what is in a category is in all that it lies under', () => {
  expect(categoryChain('Tides/Heights/Rule of twelfths')).toEqual([
    'Tides',
    'Tides/Heights',
    'Tides/Heights/Rule of twelfths',
  ])
  expect(categoryChain('')).toEqual([])
})
