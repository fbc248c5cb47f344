/** What simulated patients are made of beside the figures: who they are and how they put what they feel. Content, as the packs have it. */
package lexicor.core.catalogue.simulated;
