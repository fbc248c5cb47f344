/** The screens of the evidence, which come together. */
export { EvidenceScreen } from "./EvidenceScreen";
export { PairScreen } from "./PairScreen";
