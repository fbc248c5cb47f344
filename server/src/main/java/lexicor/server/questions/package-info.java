/** What one can ask of a weighed case, and of all cases. Answers are worked out and never stored. */
package lexicor.server.questions;
