/** What confirmed diagnoses teach: the department's own accuracy, base rates, foresight and agreement (method M13). */
package lexicor.core.outcomes;
