import { Navigate, Route, Routes } from "react-router";
import { AskScreen } from "./ask/AskScreen";
import { CasesScreen } from "./cases/CasesScreen";
import { CouchScreen } from "./couch/CouchScreen";
import { EvidenceScreen } from "./evidence/EvidenceScreen";
import { PairScreen } from "./evidence/PairScreen";
import { ExchangeScreen } from "./exchange/ExchangeScreen";
import { CaseFrame } from "./frame/CaseFrame";
import { NotFound } from "./frame/NotFound";
import { StoppableOutlet } from "./frame/Stopped";
import { CaseHistory } from "./history/CaseHistory";
import { DepartmentHistory } from "./history/DepartmentHistory";
import { MeasuresScreen } from "./measures/MeasuresScreen";
import { PeopleScreen } from "./people/PeopleScreen";
import { StudentHome } from "./people/StudentHome";
import { useSession } from "./people/useSession";
import { PrintScreen } from "./print/PrintScreen";
import { ReportScreen } from "./report/ReportScreen";
import { SettingsScreen } from "./settings/SettingsScreen";
import { WeighScreen } from "./weigh/WeighScreen";

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
    return <StudentHome />;
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
