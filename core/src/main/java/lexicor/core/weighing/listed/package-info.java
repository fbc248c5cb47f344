/** Every candidate in one list, whole, in the order in which it should be looked at (method M18). */
package lexicor.core.weighing.listed;
