/**
 * From studies to pooled accuracy: single studies (method M1), several studies of the same criterion and condition (M2),
 * their intervals, and how studies at high risk of bias are taken.
 */
package lexicor.core.evidence;
