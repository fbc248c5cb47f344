/** How right the program is with a department's own base rates and candidates, tried in made-up clinics. */
package lexicor.server.honesty;
