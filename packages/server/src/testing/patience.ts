// A server with its database takes more than the five seconds that a hook has, on a machine that does other things too.
jest.setTimeout(30_000)
