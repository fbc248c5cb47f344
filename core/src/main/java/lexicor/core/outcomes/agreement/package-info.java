/** Whether two examiners find the same in one patient (method M21). */
package lexicor.core.outcomes.agreement;
