/** The arithmetic of what is measured: strength with its side index, and a nerve's regrowth (method M14). */
package lexicor.core.measuring;
