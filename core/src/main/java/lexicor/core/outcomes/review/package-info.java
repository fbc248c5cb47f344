/** What a department did with its tests over a time (method M22). */
package lexicor.core.outcomes.review;
