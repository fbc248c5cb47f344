/** What may be done and what must be said first: precautions that block tests, and warning signs above everything. */
package lexicor.core.planning;
