/** What is printed, which comes together. */
export { OrderScreen } from "./OrderScreen";
export { PrintScreen } from "./PrintScreen";
