/** What a reading is recorded by: a pad or a dial for every value that it can take. */
package lexicor.core.examination.pads;
