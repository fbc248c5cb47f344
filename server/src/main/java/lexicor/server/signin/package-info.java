/** Signing in and out, what guessing is held up by, which devices are known, and the screen lock. */
package lexicor.server.signin;
