import { BankPage } from '../bank/BankPage'
import { AddToPaper } from './AddToPaper'
import { SendPicked } from './SendPicked'

/** The bank, and the ways from it to a paper. */
export function BankToPapers() {
  return (
    <BankPage
      onward={{
        add: (ids, done) => <AddToPaper itemIds={ids} done={done} />,
        send: (ids) => <SendPicked itemIds={ids} />,
      }}
    />
  )
}
