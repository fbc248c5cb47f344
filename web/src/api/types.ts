import type { components } from "./schema";

type Schemas = components["schemas"];

export type Catalogue = Schemas["CatalogueView"];
export type ClinicalTest = Schemas["TestView"];
export type Board = Schemas["BoardView"];
export type Dial = Schemas["DialView"];
export type Choice = Schemas["ChoiceView"];
export type Condition = Schemas["ConditionView"];
export type CaseSummary = Schemas["CaseSummary"];
export type CaseView = Schemas["CaseView"];
export type Intake = Schemas["Intake"];
export type CandidateChoice = Schemas["CandidateChoice"];
export type Examination = Schemas["Examination"];
export type Finding = Schemas["FindingView"];
export type Standing = Schemas["Standing"];
export type ConditionStanding = Schemas["ConditionStanding"];
export type NextTest = Schemas["NextTestView"];
export type Weighed = Schemas["Weighed"];
export type LedgerRow = Schemas["LedgerRowView"];
export type Source = Schemas["SourceView"];
export type School = Schemas["SchoolView"];

export type Side = "left" | "right";
/** What a leaf can hold; null clears it. */
export type LeafValue = boolean | number | string;
export type Leaves = Record<string, LeafValue>;
export type Changes = Record<string, LeafValue | null>;
export type Pad = Omit<Schemas["PadView"], "sets"> & { sets: Leaves };
export type DepartmentSettings = Schemas["DepartmentSettings"];
export type BiasView = Schemas["BiasView"];
export type BlockedTest = Schemas["BlockedTest"];
export type RaisedWarning = Schemas["RaisedWarning"];
