import { type ComponentType, lazy, type ReactNode } from "react";
import { Navigate, Route, Routes } from "react-router";
import { NotFound } from "./frame/NotFound";
import { StoppableOutlet } from "./frame/Stopped";
import { useSession } from "./session/useSession";

/** A screen that comes when somebody goes there; the device has them all for when there is no network. */
function screen<K extends string>(load: () => Promise<Record<K, ComponentType>>, name: K) {
  return lazy(async () => ({ default: (await load())[name] }));
}

const evidence = () => import("./evidence/rooms");
const history = () => import("./history/rooms");
const outcomes = () => import("./outcomes/rooms");
const practice = () => import("./practice/rooms");
const print = () => import("./print/rooms");
const settings = () => import("./settings/rooms");

const AskScreen = screen(() => import("./ask/AskScreen"), "AskScreen");
const CouchScreen = screen(() => import("./couch/CouchScreen"), "CouchScreen");
const EvidenceScreen = screen(evidence, "EvidenceScreen");
const PairScreen = screen(evidence, "PairScreen");
const ExchangeScreen = screen(() => import("./exchange/ExchangeScreen"), "ExchangeScreen");
const CaseHistory = screen(history, "CaseHistory");
const DepartmentHistory = screen(history, "DepartmentHistory");
const HonestyScreen = screen(settings, "HonestyScreen");
const MeasuresScreen = screen(() => import("./measures/MeasuresScreen"), "MeasuresScreen");
const OrderScreen = screen(print, "OrderScreen");
const PeopleScreen = screen(settings, "PeopleScreen");
const PrintScreen = screen(print, "PrintScreen");
const ReportScreen = screen(() => import("./report/ReportScreen"), "ReportScreen");
const SettingsScreen = screen(settings, "SettingsScreen");
const WeighScreen = screen(() => import("./weigh/WeighScreen"), "WeighScreen");
const CaseFrame = screen(() => import("./frame/CaseFrame"), "CaseFrame");
const CasesScreen = screen(() => import("./cases/CasesScreen"), "CasesScreen");

const OutcomeScreen = screen(outcomes, "OutcomeScreen");
const OutcomesRoom = screen(outcomes, "OutcomesRoom");
const PracticeRoom = screen(practice, "PracticeRoom");
const PracticeFrame = screen(practice, "PracticeFrame");
const MeetScreen = screen(practice, "MeetScreen");
const DebriefScreen = screen(practice, "DebriefScreen");

/** Screens by their addresses. */
const at = (screens: [path: string, Screen: ComponentType][]) =>
  screens.map(([path, Screen]) => <Route key={path} path={path} element={<Screen />} />);

const to = (path: string, there: string) => <Route path={path} element={<Navigate to={there} replace />} />;

const PRACTICE = (
  <>
    {at([["/practice/:room?/:key?", PracticeRoom]])}
    <Route path="/practice/patients/:id" element={<PracticeFrame />}>
      <Route index element={<MeetScreen />} />
      {at([
        ["couch", CouchScreen],
        ["debrief", DebriefScreen],
      ])}
    </Route>
  </>
);

/** For whom no case is: what they have in its place. */
const without = (home: string, screens: ReactNode) => (
  <>
    {screens}
    {to("/", home)}
    {to("/cases", home)}
  </>
);

/** What an auditor reads, and a clinician as well. */
const READ = at([
  ["/cases/:code/history", CaseHistory],
  ["/history", DepartmentHistory],
  ["/evidence", EvidenceScreen],
  ["/evidence/pair", PairScreen],
]);

const CLINICIAN = (
  <>
    {to("/", "/cases")}
    <Route path="/cases/:code" element={<CaseFrame />}>
      <Route index element={<Navigate to="couch" replace />} />
      {at([
        ["ask", AskScreen],
        ["couch", CouchScreen],
        ["measures", MeasuresScreen],
        ["weigh", WeighScreen],
        ["report", ReportScreen],
        ["outcome", OutcomeScreen],
        ["order", OrderScreen],
      ])}
    </Route>
    {at([
      ["/cases", CasesScreen],
      ["/people", PeopleScreen],
      ["/cases/:code/print", PrintScreen],
      ["/exchange", ExchangeScreen],
      ["/honesty", HonestyScreen],
      ["/outcomes/:tab?", OutcomesRoom],
      ["/settings", SettingsScreen],
    ])}
    {READ}
    {PRACTICE}
  </>
);

/** What each role is for: cases, the history and what it is of, or practice. */
export function App() {
  const { data: session } = useSession();
  const role = session?.role;
  return (
    <Routes>
      <Route element={<StoppableOutlet />}>
        {role === "auditor"
          ? without("/history", READ)
          : role === "student"
            ? without("/practice", PRACTICE)
            : CLINICIAN}
        <Route path="*" element={<NotFound />} />
      </Route>
    </Routes>
  );
}
