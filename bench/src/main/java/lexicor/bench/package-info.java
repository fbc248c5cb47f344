/** Times the core, puts a plain simulation beside it, and repeats the table on which the default school rests. */
package lexicor.bench;
