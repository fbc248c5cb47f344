/** How entries of the content are filled in, read back and tried out: forms, words and previews. It stores nothing. */
package lexicor.server.content;
