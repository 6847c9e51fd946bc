// A long form takes more than five seconds on a machine that does other things too.
jest.setTimeout(30_000)
