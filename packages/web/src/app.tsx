import { lazy, Suspense } from 'react'
import { Navigate, Route, Routes, useLocation, useMatch } from 'react-router'
import { Frame } from './frame/Frame'
import { Boundary } from './parts/Boundary'
import { Head } from './parts/Head'
import { useSession } from './people/session'
import { SignIn } from './people/SignIn'
import { Empty, Problem, Waiting } from './parts/Empty'
import { FirstRunPage } from './people/FirstRunPage'
import { LinkPage } from './people/LinkPage'

const DraftsPage = lazy(() => import('./drafts/DraftsPage').then((page) => ({ default: page.DraftsPage })))
const DraftDeskPage = lazy(() => import('./drafts/DraftDesk').then((page) => ({ default: page.DraftDeskPage })))
const ColumnsPage = lazy(() => import('./drafts/ColumnsPage').then((page) => ({ default: page.ColumnsPage })))
const RequestPage = lazy(() => import('./drafts/writing/RequestPage').then((page) => ({ default: page.RequestPage })))
const SideBySidePage = lazy(() =>
  import('./drafts/writing/SideBySidePage').then((page) => ({ default: page.SideBySidePage })),
)
const WordsPage = lazy(() => import('./drafts/words/WordsPage').then((page) => ({ default: page.WordsPage })))
const UsePage = lazy(() => import('./writing/UsePage').then((page) => ({ default: page.UsePage })))
const PagesPage = lazy(() => import('./drafts/PagesPage').then((page) => ({ default: page.PagesPage })))
const BankPage = lazy(() => import('./papers/BankToPapers').then((page) => ({ default: page.BankToPapers })))
const SignOffPage = lazy(() => import('./bank/SignOffPage').then((page) => ({ default: page.SignOffPage })))
const OutcomesPage = lazy(() => import('./bank/OutcomesPage').then((page) => ({ default: page.OutcomesPage })))
const SettingsPage = lazy(() => import('./bank/SettingsPage').then((page) => ({ default: page.SettingsPage })))
const PapersPage = lazy(() => import('./papers/PapersPage').then((page) => ({ default: page.PapersPage })))
const PaperDeskPage = lazy(() => import('./papers/PaperDesk').then((page) => ({ default: page.PaperDeskPage })))
const ComparePage = lazy(() => import('./papers/ComparePage').then((page) => ({ default: page.ComparePage })))
const TakePage = lazy(() => import('./papers/TakePage').then((page) => ({ default: page.TakePage })))
const DispatchPage = lazy(() => import('./dispatch/DispatchPage').then((page) => ({ default: page.DispatchPage })))
const SendPage = lazy(() => import('./dispatch/SendPage').then((page) => ({ default: page.SendPage })))
const DeliveryPage = lazy(() => import('./dispatch/DeliveryPage').then((page) => ({ default: page.DeliveryPage })))
const ResultsPage = lazy(() => import('./results/ResultsPage').then((page) => ({ default: page.ResultsPage })))
const ReadFilePage = lazy(() => import('./results/ReadFilePage').then((page) => ({ default: page.ReadFilePage })))
const HandHerePage = lazy(() => import('./results/HandHerePage').then((page) => ({ default: page.HandHerePage })))
const OfDeliveryPage = lazy(() => import('./results/OfDeliveryPage').then((page) => ({ default: page.OfDeliveryPage })))
const SittingDeskPage = lazy(() => import('./results/SittingDesk').then((page) => ({ default: page.SittingDeskPage })))
const TakeByCodePage = lazy(() => import('./take/TakePage').then((page) => ({ default: page.TakePage })))

const AccountPage = lazy(() => import('./people/AccountPage').then((page) => ({ default: page.AccountPage })))
const WorkspacePage = lazy(() => import('./people/WorkspacePage').then((page) => ({ default: page.WorkspacePage })))
const ReadyMadePage = lazy(() => import('./people/ReadyMadePage').then((page) => ({ default: page.ReadyMadePage })))
const CopyPage = lazy(() => import('./people/CopyPage').then((page) => ({ default: page.CopyPage })))
const RemarksPage = lazy(() => import('./people/Remarks').then((page) => ({ default: page.RemarksPage })))

export function App() {
  const { pathname } = useLocation()
  return <Boundary place={pathname}>{pathname.startsWith('/take') ? <TakenApp /> : <SignedInApp />}</Boundary>
}

/** What a class sees: nobody is asked who they are but by the paper. */
function TakenApp() {
  return (
    <Suspense fallback={<Waiting what="the page" />}>
      <Routes>
        <Route path="take/:code?" element={<TakeByCodePage />} />
      </Routes>
    </Suspense>
  )
}

function SignedInApp() {
  const session = useSession()
  const link = useMatch('/link/:token')
  const isFirst = useMatch('/first')
  if (session.isPending) return <Waiting what="Zakuska" />
  if (session.isError) return <Problem error={session.error} again={() => void session.refetch()} />
  if (link) return <LinkPage token={link.params.token ?? ''} />
  if (isFirst && !session.data) return <FirstRunPage />
  if (!session.data) return <SignIn />
  return (
    <Suspense fallback={<Waiting what="the page" />}>
      <Routes>
        <Route element={<Frame person={session.data} />}>
          <Route index element={<Navigate to="/drafts" replace />} />
          <Route path="drafts" element={<DraftsPage />} />
          <Route path="drafts/columns" element={<ColumnsPage />} />
          <Route path="drafts/request" element={<RequestPage />} />
          <Route path="drafts/side-by-side" element={<SideBySidePage />} />
          <Route path="drafts/words" element={<WordsPage />} />
          <Route path="drafts/pages" element={<PagesPage />} />
          <Route path="drafts/:id" element={<DraftDeskPage />} />
          <Route path="bank" element={<BankPage />} />
          <Route path="bank/sign-off" element={<SignOffPage />} />
          <Route path="bank/outcomes" element={<OutcomesPage />} />
          <Route path="bank/settings" element={<SettingsPage />} />
          <Route path="bank/remarks" element={<RemarksPage />} />
          <Route path="bank/ready-made" element={<ReadyMadePage />} />
          <Route path="bank/:id" element={<BankPage />} />
          <Route path="papers" element={<PapersPage />} />
          <Route path="papers/:id" element={<PaperDeskPage />} />
          <Route path="papers/:id/compare" element={<ComparePage />} />
          <Route path="papers/:id/take" element={<TakePage />} />
          <Route path="dispatch" element={<DispatchPage />} />
          <Route path="dispatch/paper/:id" element={<SendPage />} />
          <Route path="dispatch/:id" element={<DeliveryPage />} />
          <Route path="results" element={<ResultsPage />} />
          <Route path="results/read" element={<ReadFilePage />} />
          <Route path="results/here/:id" element={<HandHerePage />} />
          <Route path="results/of/:id" element={<OfDeliveryPage />} />
          <Route path="results/:id" element={<SittingDeskPage />} />
          <Route path="results/:id/:view" element={<SittingDeskPage />} />
          <Route path="results/:id/people/:attempt" element={<SittingDeskPage />} />
          <Route path="account" element={<AccountPage />} />
          <Route path="workspace" element={<WorkspacePage />} />
          <Route path="workspace/writing" element={<UsePage />} />
          <Route path="copy/:token" element={<CopyPage />} />
          <Route path="*" element={<NotHere />} />
        </Route>
      </Routes>
    </Suspense>
  )
}

function NotHere() {
  return (
    <>
      <Head title="There is nothing at this address" />
      <Empty title="The page may have been deleted, or the address mistyped">Choose a station above.</Empty>
    </>
  )
}
