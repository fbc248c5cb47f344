/** What was published about tests: accuracy rows with their four counts, clusters with theirs, and who checked them. */
package lexicor.core.catalogue.published;
