import { createServer, type RequestListener, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { fetchPage } from './page.ts'

let server: Server | undefined

async function serving(listener: RequestListener): Promise<string> {
  server = createServer(listener)
  await new Promise<void>((resolve) => server?.listen(0, '127.0.0.1', resolve))
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`
}

afterEach(() => {
  server?.closeAllConnections()
  server?.close()
})

const MB = Buffer.alloc(1024 * 1024, 'x')

test('the bytes of a page come as they are', async () => {
  const origin = await serving((_request, response) => response.end('<p>Fog – is cloud.</p>'))
  expect(Buffer.from(await fetchPage(`${origin}/fog?a=1`, [origin])).toString()).toBe('<p>Fog – is cloud.</p>')
})

test('an empty page is none of an error here', async () => {
  const origin = await serving((_request, response) => response.end())
  expect(await fetchPage(origin, [origin])).toHaveLength(0)
})

test('nothing is read of origins that are not named, nor by other means than http', async () => {
  const asked: string[] = []
  const origin = await serving((request, response) => {
    asked.push(request.url ?? '')
    response.end('secret')
  })
  await expect(fetchPage(`${origin}/x`, [])).rejects.toThrow('This server reads no pages')
  await expect(fetchPage(`${origin}/x`, ['https://library.example'])).rejects.toThrow(
    'reads from https://library.example only',
  )
  await expect(fetchPage('file:///etc/passwd', [origin])).rejects.toThrow('begins with http')
  await expect(fetchPage('data:text/html,x', [origin])).rejects.toThrow('begins with http')
  // An origin that only looks like one that is named.
  await expect(fetchPage(`${origin}@evil.example/x`, [origin])).rejects.toThrow('only')
  await expect(fetchPage(`${origin}.evil.example/x`, [origin])).rejects.toThrow(/address|only/)
  expect(asked).toEqual([])
})

test('a page is not followed elsewhere', async () => {
  const origin = await serving((_request, response) =>
    response.writeHead(302, { location: 'http://169.254.169.254/' }).end(),
  )
  await expect(fetchPage(origin, [origin])).rejects.toThrow('Nothing answers at this address, or it leads elsewhere.')
})

test('what is too large is not taken, however it is announced', async () => {
  const origin = await serving((_request, response) => {
    const send = (left: number): void => {
      if (left === 0 || response.destroyed) return void response.end()
      response.write(MB, () => send(left - 1))
    }
    send(8)
  })
  await expect(fetchPage(origin, [origin])).rejects.toThrow('larger than 5 MB')
})

test('silence, a torn line and a refusal are said', async () => {
  const silent = await serving(() => undefined)
  await expect(fetchPage(silent, [silent], 200)).rejects.toThrow('Nothing answers')
  const torn = await serving((request, response) => {
    response.write('half')
    setTimeout(() => request.socket.destroy(), 50)
  })
  await expect(fetchPage(torn, [torn])).rejects.toThrow('broke off')
  const refusing = await serving((_request, response) => response.writeHead(403).end())
  await expect(fetchPage(refusing, [refusing])).rejects.toThrow('status 403')
})
