import { act, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { Content, Inline } from '@zakuska/core'
import { useState } from 'react'
import { counted, kindLine, letterOf, pointsText } from './item-words'
import { Notices, useTell } from './notices'
import { PicturesFrom, RichText } from './RichText'

const paragraph = (...content: Inline[]): Content => [{ type: 'paragraph', content }]
const text = (said: string, ...styles: ('strong' | 'emphasis' | 'sub')[]): Inline => ({
  type: 'text',
  text: said,
  ...(styles.length && { styles }),
})

describe('rich text', () => {
  test('styles stand inside one another, and blocks are what they are', () => {
    const { container } = render(
      <RichText
        content={[
          ...paragraph(text('H'), text('2', 'sub'), text('O', 'strong', 'emphasis'), { type: 'break' }),
          { type: 'preformatted', text: 'a\n  b' },
          { type: 'list', ordered: true, entries: [paragraph(text('one')), paragraph(text('two'))] },
          {
            type: 'table',
            rows: [
              { header: true, cells: [paragraph(text('h'))] },
              { header: false, cells: [paragraph(text('c'))] },
            ],
          },
        ]}
      />,
    )
    expect(container.querySelector('p')?.innerHTML).toBe('H<sub>2</sub><strong><em>O</em></strong><br>')
    expect(container.querySelector('pre')?.textContent).toBe('a\n  b')
    expect([...container.querySelectorAll('ol > li')].map((entry) => entry.textContent)).toEqual(['one', 'two'])
    expect(container.querySelector('th')?.textContent).toBe('h')
    expect(container.querySelector('td')?.textContent).toBe('c')
  })
  test('text is text, whatever it looks like', () => {
    const { container } = render(<RichText content={paragraph(text('<img src=x onerror=alert(1)> & <b>'))} inline />)
    expect(container.querySelector('img, b')).toBeNull()
    expect(container.textContent).toBe('<img src=x onerror=alert(1)> & <b>')
  })
  test('gaps are drawn in their order, and keep the sign behind them on their line', () => {
    const content = paragraph(text('The '), { type: 'gap' }, text('. Then the '), { type: 'gap' }, text(' comes'))
    const { container } = render(<RichText content={content} gap={(at) => <b>gap {at}</b>} />)
    expect(container.textContent).toBe('The gap 0. Then the gap 1 comes')
    expect(container.querySelector('.whitespace-nowrap')?.textContent).toBe('gap 0.')
  })
  test('a sign that is dressed stays where it is dressed', () => {
    const { container } = render(<RichText content={paragraph({ type: 'gap' }, text('!', 'strong'))} />)
    expect(container.querySelector('.whitespace-nowrap')).toBeNull()
    expect(container.querySelector('strong')?.textContent).toBe('!')
  })
  test('a picture comes from where it may be looked at; one that is not there says what it shows', () => {
    const { container } = render(
      <PicturesFrom.Provider value="/pictures/">
        <RichText content={paragraph({ type: 'picture', asset: 'id', alt: 'A chart', width: 120 })} />
        <RichText content={paragraph({ type: 'picture', asset: '', alt: '' })} />
      </PicturesFrom.Provider>,
    )
    const picture = screen.getByRole('img', { name: 'A chart' })
    expect(picture.getAttribute('src')).toBe('/pictures/id')
    expect(picture.style.width).toBe('120px')
    expect(container.textContent).toContain('Picture: no description')
  })
})

describe('notices', () => {
  function Page() {
    const tell = useTell()
    const [undone, setUndone] = useState(0)
    return (
      <main id="desk" tabIndex={-1}>
        <button onClick={() => tell('Done.', { undo: () => setUndone(undone + 1) })}>Do it</button>
        <button
          onClick={() => tell('3 things have no place here.', { tone: 'trouble', lines: ['one', 'two', 'three'] })}
        >
          Open it
        </button>
        <span>undone {undone}</span>
      </main>
    )
  }
  const show = () =>
    render(
      <Notices>
        <Page />
      </Notices>,
    )

  test('say what happened, are undone, and give the focus back to where it was', async () => {
    const user = userEvent.setup()
    show()
    await user.click(screen.getByRole('button', { name: 'Do it' }))
    await user.click(screen.getByRole('button', { name: 'Undo' }))
    expect(screen.getByText('undone 1')).toBeTruthy()
    expect(screen.queryByText('Done.')).toBeNull()
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Do it' })))
  })

  test('of many only the newest three stand, and each goes after a while', async () => {
    jest.useFakeTimers()
    const user = userEvent.setup({ advanceTimers: jest.advanceTimersByTime })
    show()
    for (let at = 0; at < 5; at++) await user.click(screen.getByRole('button', { name: 'Do it' }))
    expect(screen.getAllByText('Done.')).toHaveLength(3)
    act(() => jest.advanceTimersByTime(9000))
    expect(screen.queryByText('Done.')).toBeNull()
    jest.useRealTimers()
  })

  test('a list of things stays until it was read', async () => {
    const user = userEvent.setup()
    show()
    await user.click(screen.getByRole('button', { name: 'Open it' }))
    await user.click(screen.getByRole('button', { name: 'See them' }))
    expect(screen.getAllByRole('listitem').map((line) => line.textContent)).toEqual(['one', 'two', 'three'])
    await user.keyboard('{Escape}')
    expect(screen.getByRole('button', { name: 'See them' })).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'See them' }))
    await user.click(screen.getByRole('button', { name: 'All read' }))
    expect(screen.queryByText(/have no place here/)).toBeNull()
    await waitFor(() => expect(document.activeElement?.textContent).toBe('Open it'))
  })
})

test('figures in words', () => {
  expect(counted(1, 'item', 'items')).toBe('1 item')
  expect(counted(0, 'item', 'items')).toBe('0 items')
  expect(pointsText(0.5)).toBe('0.5 points')
  expect([letterOf(0), letterOf(25), letterOf(26)]).toEqual(['a', 'z', '27'])
  expect(kindLine({ kind: 'truefalse', stem: [], points: 1, tags: [], key: [] })).toBe('True/false · 1 point')
})
