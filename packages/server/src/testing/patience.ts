// A server with its database takes more than the five seconds that a hook has, and what waits for a deadline takes many, on a
// machine that does other things too.
jest.setTimeout(60_000)
