import type { ComponentType } from "react";
import { useParams } from "react-router";
import { DrillScreen } from "./drills/DrillScreen";
import { HunchesScreen } from "./HunchesScreen";
import { PracticeHome } from "./PracticeHome";
import { RoundScreen } from "./stations/RoundScreen";
import { StationResults } from "./stations/StationResults";
import { StationsScreen } from "./stations/StationsScreen";

const ROOMS: Record<string, ComponentType> = {
  "": PracticeHome,
  hunches: HunchesScreen,
  drills: DrillScreen,
  stations: StationsScreen,
  results: StationResults,
  round: RoundScreen,
};

/** Where one is in practice, when it is not at a patient: at home where there is no such room. */
export function PracticeRoom() {
  const { room = "" } = useParams();
  const Room = ROOMS[room] ?? PracticeHome;
  return <Room />;
}
