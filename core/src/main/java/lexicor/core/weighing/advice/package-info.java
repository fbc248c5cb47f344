/** What tests not done yet would tell, one at a time and together (method M10, M15). */
package lexicor.core.weighing.advice;
