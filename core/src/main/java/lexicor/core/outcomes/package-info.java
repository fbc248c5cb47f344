/** What confirmed diagnoses teach: the department's own accuracy, and how good its predictions were (method M13). */
package lexicor.core.outcomes;
