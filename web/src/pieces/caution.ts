export const CAUTION =
  "Lexicor supports the judgement of a licensed clinician. It does not diagnose, and it defers to local protocol.";
