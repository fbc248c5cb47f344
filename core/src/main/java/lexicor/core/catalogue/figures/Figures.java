package lexicor.core.catalogue.figures;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * All figures.
 *
 * @param grips the ways in which a hand of the examiner can lie, by name
 * @param tests a figure a test; a test of one's own may have none
 * @param maps regions with the places at which tests look or feel
 * @param body views of a body with the areas where it can hurt
 * @param movements those whose angle is shown and set on a drawing
 */
public record Figures(
        Map<String, Grip> grips,
        List<Figure> tests,
        List<PlaceMap> maps,
        List<BodyMap> body,
        List<Movement> movements) {
    public static final Figures NONE = new Figures(Map.of(), List.of(), List.of(), List.of(), List.of());

    public Optional<Figure> of(String test) {
        return tests.stream().filter(f -> f.id().equals(test)).findFirst();
    }

    /** The area with this id. */
    public Optional<BodyMap.Area> area(String id) {
        return body.stream()
                .flatMap(m -> m.areas().stream())
                .filter(a -> a.id().equals(id))
                .findFirst();
    }

    /**
     * @param touches what of the hand lies on the place
     */
    public record Grip(HandPose hand, Touch touches) {
        public enum Touch {
            PALM,
            FIST,
            THUMB,
            INDEX,
            MIDDLE,
            /** Thumb and index finger on both sides of it. */
            PINCH;

            @JsonValue
            public String id() {
                return name().toLowerCase(Locale.ROOT);
            }
        }
    }
}
