import { Navigate, Route, Routes } from "react-router";
import { AskScreen } from "./ask/AskScreen";
import { CasesScreen } from "./cases/CasesScreen";
import { CouchScreen } from "./couch/CouchScreen";
import { CaseFrame } from "./frame/CaseFrame";
import { NotFound } from "./frame/NotFound";
import { PrintScreen } from "./print/PrintScreen";
import { SettingsScreen } from "./settings/SettingsScreen";
import { WeighScreen } from "./weigh/WeighScreen";

export function App() {
  return (
    <Routes>
      <Route path="/" element={<Navigate to="/cases" replace />} />
      <Route path="/cases" element={<CasesScreen />} />
      <Route path="/cases/:code" element={<CaseFrame />}>
        <Route index element={<Navigate to="couch" replace />} />
        <Route path="ask" element={<AskScreen />} />
        <Route path="couch" element={<CouchScreen />} />
        <Route path="weigh" element={<WeighScreen />} />
      </Route>
      <Route path="/cases/:code/print" element={<PrintScreen />} />
      <Route path="/settings" element={<SettingsScreen />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
