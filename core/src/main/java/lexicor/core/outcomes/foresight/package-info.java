/** Whether it was right: what was foreseen, held against what came out (method M13). */
package lexicor.core.outcomes.foresight;
