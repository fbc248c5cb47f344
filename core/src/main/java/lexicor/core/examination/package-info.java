/**
 * From what was tapped to findings: readings of both sides, the pads that record them, and the judgement of every
 * criterion as positive, negative or unclear, with the reason in words (method M3).
 */
package lexicor.core.examination;
