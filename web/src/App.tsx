import { lazy, Suspense } from "react";
import { Navigate, Route, Routes } from "react-router";
import { NotFound } from "./frame/NotFound";
import { StoppableOutlet } from "./frame/Stopped";
import { useSession } from "./session/useSession";

// Each screen comes when somebody goes there; the device has them all for when there is no network.
const AskScreen = lazy(() => import("./ask/AskScreen").then((m) => ({ default: m.AskScreen })));
const CouchScreen = lazy(() => import("./couch/CouchScreen").then((m) => ({ default: m.CouchScreen })));
const EvidenceScreen = lazy(() =>
  import("./evidence/EvidenceScreen").then((m) => ({ default: m.EvidenceScreen })),
);
const PairScreen = lazy(() => import("./evidence/PairScreen").then((m) => ({ default: m.PairScreen })));
const ExchangeScreen = lazy(() =>
  import("./exchange/ExchangeScreen").then((m) => ({ default: m.ExchangeScreen })),
);
const CaseHistory = lazy(() => import("./history/CaseHistory").then((m) => ({ default: m.CaseHistory })));
const DepartmentHistory = lazy(() =>
  import("./history/DepartmentHistory").then((m) => ({ default: m.DepartmentHistory })),
);
const MeasuresScreen = lazy(() =>
  import("./measures/MeasuresScreen").then((m) => ({ default: m.MeasuresScreen })),
);
const PeopleScreen = lazy(() => import("./people/PeopleScreen").then((m) => ({ default: m.PeopleScreen })));
const StudentHome = lazy(() => import("./people/StudentHome").then((m) => ({ default: m.StudentHome })));
const PrintScreen = lazy(() => import("./print/PrintScreen").then((m) => ({ default: m.PrintScreen })));
const ReportScreen = lazy(() => import("./report/ReportScreen").then((m) => ({ default: m.ReportScreen })));
const SettingsScreen = lazy(() =>
  import("./settings/SettingsScreen").then((m) => ({ default: m.SettingsScreen })),
);
const WeighScreen = lazy(() => import("./weigh/WeighScreen").then((m) => ({ default: m.WeighScreen })));
const CaseFrame = lazy(() => import("./frame/CaseFrame").then((m) => ({ default: m.CaseFrame })));
const CasesScreen = lazy(() => import("./cases/CasesScreen").then((m) => ({ default: m.CasesScreen })));

/** What each role is for: cases, the history, or practice. */
export function App() {
  const { data: session } = useSession();
  if (session?.role === "auditor") {
    return (
      <Routes>
        <Route element={<StoppableOutlet />}>
          <Route path="/cases/:code/history" element={<CaseHistory />} />
          <Route path="/history" element={<DepartmentHistory />} />
          <Route path="*" element={<Navigate to="/history" replace />} />
        </Route>
      </Routes>
    );
  }
  if (session?.role === "student") {
    return (
      <Suspense>
        <StudentHome />
      </Suspense>
    );
  }
  return (
    <Routes>
      <Route element={<StoppableOutlet />}>
        <Route path="/" element={<Navigate to="/cases" replace />} />
        <Route path="/cases" element={<CasesScreen />} />
        <Route path="/cases/:code" element={<CaseFrame />}>
          <Route index element={<Navigate to="couch" replace />} />
          <Route path="ask" element={<AskScreen />} />
          <Route path="couch" element={<CouchScreen />} />
          <Route path="measures" element={<MeasuresScreen />} />
          <Route path="weigh" element={<WeighScreen />} />
          <Route path="report" element={<ReportScreen />} />
        </Route>
        <Route path="/cases/:code/history" element={<CaseHistory />} />
        <Route path="/history" element={<DepartmentHistory />} />
        <Route path="/people" element={<PeopleScreen />} />
        <Route path="/cases/:code/print" element={<PrintScreen />} />
        <Route path="/evidence" element={<EvidenceScreen />} />
        <Route path="/evidence/pair" element={<PairScreen />} />
        <Route path="/exchange" element={<ExchangeScreen />} />
        <Route path="/settings" element={<SettingsScreen />} />
        <Route path="*" element={<NotFound />} />
      </Route>
    </Routes>
  );
}
