/** The screens of practice, which come together: whoever practises goes to and fro between them. */
export { DebriefScreen } from "./DebriefScreen";
export { MeetScreen } from "./MeetScreen";
export { PracticeFrame } from "./PracticeFrame";
export { PracticeRoom } from "./PracticeRoom";
