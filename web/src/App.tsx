import { type ComponentType, lazy, Suspense } from "react";
import { Navigate, Route, Routes } from "react-router";
import { NotFound } from "./frame/NotFound";
import { StoppableOutlet } from "./frame/Stopped";
import { useSession } from "./session/useSession";

/** A screen that comes when somebody goes there; the device has them all for when there is no network. */
function screen<K extends string>(load: () => Promise<Record<K, ComponentType>>, name: K) {
  return lazy(async () => ({ default: (await load())[name] }));
}

const AskScreen = screen(() => import("./ask/AskScreen"), "AskScreen");
const CouchScreen = screen(() => import("./couch/CouchScreen"), "CouchScreen");
const EvidenceScreen = screen(() => import("./evidence/EvidenceScreen"), "EvidenceScreen");
const PairScreen = screen(() => import("./evidence/PairScreen"), "PairScreen");
const ExchangeScreen = screen(() => import("./exchange/ExchangeScreen"), "ExchangeScreen");
const CaseHistory = screen(() => import("./history/CaseHistory"), "CaseHistory");
const DepartmentHistory = screen(() => import("./history/DepartmentHistory"), "DepartmentHistory");
const HonestyScreen = screen(() => import("./honesty/HonestyScreen"), "HonestyScreen");
const MeasuresScreen = screen(() => import("./measures/MeasuresScreen"), "MeasuresScreen");
const OrderScreen = screen(() => import("./print/OrderScreen"), "OrderScreen");
const PeopleScreen = screen(() => import("./people/PeopleScreen"), "PeopleScreen");
const StudentHome = screen(() => import("./people/StudentHome"), "StudentHome");
const PrintScreen = screen(() => import("./print/PrintScreen"), "PrintScreen");
const ReportScreen = screen(() => import("./report/ReportScreen"), "ReportScreen");
const SettingsScreen = screen(() => import("./settings/SettingsScreen"), "SettingsScreen");
const WeighScreen = screen(() => import("./weigh/WeighScreen"), "WeighScreen");
const CaseFrame = screen(() => import("./frame/CaseFrame"), "CaseFrame");
const CasesScreen = screen(() => import("./cases/CasesScreen"), "CasesScreen");

/** What each role is for: cases, the history, or practice. */
export function App() {
  const { data: session } = useSession();
  if (session?.role === "auditor") {
    return (
      <Routes>
        <Route element={<StoppableOutlet />}>
          <Route path="/cases/:code/history" element={<CaseHistory />} />
          <Route path="/history" element={<DepartmentHistory />} />
          <Route path="/" element={<Navigate to="/history" replace />} />
          <Route path="/cases" element={<Navigate to="/history" replace />} />
          <Route path="*" element={<NotFound />} />
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
          <Route path="order" element={<OrderScreen />} />
        </Route>
        <Route path="/cases/:code/history" element={<CaseHistory />} />
        <Route path="/history" element={<DepartmentHistory />} />
        <Route path="/people" element={<PeopleScreen />} />
        <Route path="/cases/:code/print" element={<PrintScreen />} />
        <Route path="/evidence" element={<EvidenceScreen />} />
        <Route path="/evidence/pair" element={<PairScreen />} />
        <Route path="/exchange" element={<ExchangeScreen />} />
        <Route path="/honesty" element={<HonestyScreen />} />
        <Route path="/settings" element={<SettingsScreen />} />
        <Route path="*" element={<NotFound />} />
      </Route>
    </Routes>
  );
}
