/** Why a condition stands where it does: paths, doubts, contradictions, whole people, what tells two apart (method M15). */
package lexicor.core.weighing.explain;
