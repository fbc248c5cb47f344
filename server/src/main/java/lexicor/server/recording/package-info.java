/** Taps, taken back or not, and going ahead with what a precaution blocks. Taps are kept for good. */
package lexicor.server.recording;
