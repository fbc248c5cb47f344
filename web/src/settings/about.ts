/** What each setting changes, and for whom. */
export const ABOUT: Record<string, string> = {
  school:
    "Every ranking on the couch, on Weigh and in reports follows it, for all open cases; a closed case keeps its own.",
  highBias:
    "Every open case is weighed with such figures taken so, unless somebody chose otherwise for the case.",
  judgements: "Whether signs without a study move anything in open cases; a closed case keeps its own.",
  checkedOnly: "Which figures weigh in every open case; a closed case keeps its own.",
  familyOverlap: "How much tests of one family repeat each other, in every open case.",
  generalOverlap: "How much any two findings repeat each other, in every open case.",
  crossActivation: "Every open case that is weighed with its candidates together.",
  clusterShare: "Every open case in which a cluster is decided.",
  codePrefix: "Cases made from now on; the codes there are stay.",
  timeZone:
    "By which days lists, histories and reports tell days apart, for everybody; what is stored stays.",
  deficitPercent: "Which side is marked as weaker on Measures and in reports, for everybody.",
  shortDegrees: "Which movement is marked as short on Measures and in reports, for everybody.",
  headStartPercent: "How sides are compared where the dominant one is known, for everybody.",
  errors: "What counts as more than error between two measurements, in every case.",
  recordSystem: "Where everybody's documents are sent from now on; those that wait go there too.",
  insideHost: "Whether that address may stand in the clinic's own network.",
  shareAll: "Who may open a case; who opened it is in the case's history all the same.",
  lockMinutes: "Every screen of the department, from the next tap on.",
  retentionDays: "For how long a lead can bring a deleted case back, and when it is gone for good.",
  secondFactor: "Whoever it is wanted from, from the next time they sign in.",
  variants: "Everybody who examines; a record keeps the way that was in use when it was made.",
};
