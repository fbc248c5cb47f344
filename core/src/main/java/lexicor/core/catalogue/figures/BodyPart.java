package lexicor.core.catalogue.figures;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The parts of a figure that can be touched, by name, and the directions that can be said of each. */
public final class BodyPart {
    private static final Set<String> OF_THE_BODY = Set.of("front", "back", "up", "down", "in", "out", "near", "far");
    private static final Set<String> OF_THE_ARM =
            Set.of("anterior", "posterior", "medial", "lateral", "proximal", "distal");
    private static final Set<String> OF_THE_HAND = Set.of("radial", "ulnar", "palmar", "dorsal");
    private static final List<String> BODY = List.of("head", "nose", "chin", "neck", "trunk");
    private static final List<String> SIDED = List.of(
            "shoulder",
            "clavicle",
            "acromion",
            "scapula",
            "scapular-spine",
            "scapular-border",
            "trapezius",
            "chest",
            "neck-side",
            "sole");
    private static final List<String> LIMB = List.of("elbow", "forearm", "wrist", "hand");

    /** Names of what is drawn as one piece, or of the stretch of it that a picture may be about. */
    private static final Set<String> SHOWN = Set.of(
            "head",
            "trunk",
            "chest",
            "chest-top",
            "pelvis",
            "thigh",
            "shank",
            "upper-arm",
            "shoulder-end",
            "upper-arm-end",
            "elbow-end",
            "forearm",
            "forearm-start",
            "wrist-end",
            "palm",
            "index",
            "middle",
            "ring",
            "little",
            "thumb");

    private static final Map<String, Set<String>> DIRECTIONS = directions();

    private BodyPart() {}

    /** The directions that can be said of a part; none where there is no such part. */
    public static Set<String> directionsOf(String part) {
        return DIRECTIONS.getOrDefault(part, Set.of());
    }

    public static boolean exists(String part) {
        return DIRECTIONS.containsKey(part);
    }

    /** Whether a picture can be about it. */
    public static boolean isShown(String name) {
        return SHOWN.contains(name.startsWith("other-") ? name.substring("other-".length()) : name);
    }

    private static Map<String, Set<String>> directions() {
        Map<String, Set<String>> all = new LinkedHashMap<>();
        BODY.forEach(p -> all.put(p, OF_THE_BODY));
        for (String side : List.of("", "other-")) {
            SIDED.forEach(p -> all.put(side + p, OF_THE_BODY));
            all.put(side + "upper-arm", union(List.of(OF_THE_BODY, OF_THE_ARM)));
            Stream.concat(LIMB.stream(), digits())
                    .forEach(p -> all.put(side + p, union(List.of(OF_THE_BODY, OF_THE_ARM, OF_THE_HAND))));
        }
        return Map.copyOf(all);
    }

    private static Stream<String> digits() {
        return Stream.concat(
                Stream.of("metacarpal", "proximal", "distal").map(b -> "thumb-" + b),
                Stream.of("index", "middle", "ring", "little")
                        .flatMap(f -> Stream.of("proximal", "middle", "distal").map(b -> f + "-" + b)));
    }

    private static Set<String> union(List<Set<String>> sets) {
        return sets.stream().flatMap(Set::stream).collect(Collectors.toUnmodifiableSet());
    }
}
