/** Practice on simulated patients; here what a stated probability scores (method M14), below it the rest (method M20). */
package lexicor.core.practice;
