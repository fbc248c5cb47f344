/** The screens of practice, which come together: whoever practises goes to and fro between them. */
export { DebriefScreen } from "./DebriefScreen";
export { HunchesScreen } from "./HunchesScreen";
export { MeetScreen } from "./MeetScreen";
export { PracticeFrame } from "./PracticeFrame";
export { PracticeHome } from "./PracticeHome";
