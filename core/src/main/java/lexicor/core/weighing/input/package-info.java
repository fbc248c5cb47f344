/** What is weighed: the case's candidates, recorded findings and clusters, the tests on offer, and the settings. */
package lexicor.core.weighing.input;
