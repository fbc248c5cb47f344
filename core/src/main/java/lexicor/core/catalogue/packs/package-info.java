/** Reads the packs strictly, file by file, and checks them as a whole; names the entry and the field that is wrong. */
package lexicor.core.catalogue.packs;
