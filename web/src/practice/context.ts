import { useOutletContext } from "react-router";
import type { CaseContext } from "../frame/CaseFrame";
import type { Encounter } from "./queries";

export interface PracticeContext extends CaseContext {
  encounter: Encounter;
}

/** The simulated patient that the screen is about. */
export const usePracticeContext = () => useOutletContext<PracticeContext>();
