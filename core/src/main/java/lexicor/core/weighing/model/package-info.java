/**
 * The overlap model (method M4): the likelihood of results that share factors, by families, at the nodes of a quadrature. For the
 * weighing and what explains it; a case is weighed through {@link lexicor.core.weighing.Weighing}.
 */
package lexicor.core.weighing.model;
