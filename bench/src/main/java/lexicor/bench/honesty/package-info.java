/** Tries the program in made-up clinics and writes down what came of it. */
package lexicor.bench.honesty;
