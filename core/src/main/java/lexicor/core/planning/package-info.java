/**
 * The examination as a whole: which tests to propose and in what order, what blocks a test, what must be said first, when
 * a test has little left to tell, and the ladders that practitioners walk.
 */
package lexicor.core.planning;
