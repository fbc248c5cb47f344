/** The screens of what came out, which come together. */
export { OutcomesRoom } from "./learned/OutcomesRoom";
export { OutcomeScreen } from "./OutcomeScreen";
