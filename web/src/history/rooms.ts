/** The screens of the history, which come together. */
export { CaseHistory } from "./CaseHistory";
export { DepartmentHistory } from "./DepartmentHistory";
