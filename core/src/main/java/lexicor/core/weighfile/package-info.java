/**
 * The self-contained case: JSON that carries its own figures, read strictly and answered with the full result, so that
 * anyone can check the arithmetic (docs/method.md, last section).
 */
package lexicor.core.weighfile;
