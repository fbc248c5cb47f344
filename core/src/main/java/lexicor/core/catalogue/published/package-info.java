/** What was published about tests: accuracy rows, clusters with the figures of their rule, and who checked them. */
package lexicor.core.catalogue.published;
