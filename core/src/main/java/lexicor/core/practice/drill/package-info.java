/** Questions of a minute, made from the packs; those answered wrongly come again later (method M20). */
package lexicor.core.practice.drill;
