package lexicor.core.practice.patient;

import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.AgeBand;

/**
 * What somebody who sets a patient by hand asks for; the rest is drawn.
 *
 * @param conditions exactly those present; empty where they are drawn
 * @param age empty where it is drawn
 * @param precautions beside those drawn
 * @param warnings beside those drawn
 */
public record Wish(
        Optional<Set<String>> conditions, Optional<AgeBand> age, Set<String> precautions, Set<String> warnings) {
    public static final Wish NOTHING = new Wish(Optional.empty(), Optional.empty(), Set.of(), Set.of());
}
