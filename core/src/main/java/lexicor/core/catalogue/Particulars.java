package lexicor.core.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is particular to a test in how it is recorded, read and named.
 *
 * @param shortName its name where there is little room
 * @param looseness whether the same laxity on both sides may be how the patient is built
 * @param differenceMm from how many millimetres more a gap on both sides is a difference all the same
 * @param relieves the test whose sign a relief tapped here eases
 * @param nerve the nerve that it puts under tension, where tests of one family differ in that
 * @param places landmarks, movements or positions with readings of their own, in their order
 * @param sites where it can hurt, in their order; several at once
 * @param cheats ways round the test; several at once
 * @param notes observations that can be ticked for the record and weigh nothing
 * @param words what a reading means in this test, where the usual words would say too little
 * @param qualities signs that are known only when they are tapped (method M19)
 */
public record Particulars(
        Optional<String> shortName,
        boolean looseness,
        double differenceMm,
        Optional<String> relieves,
        Optional<String> nerve,
        List<Choice> places,
        List<Choice> sites,
        List<Choice> cheats,
        List<String> notes,
        Map<ReadingLeaf, Words> words,
        Set<ReadingLeaf> qualities) {

    /** A gap larger by this much than on the other side is a difference (method M3); a working line. */
    public static final double USUAL_DIFFERENCE_MM = 10;

    /** Nothing particular. */
    public static final Particulars NONE = new Particulars(
            Optional.empty(),
            false,
            USUAL_DIFFERENCE_MM,
            Optional.empty(),
            Optional.empty(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            Map.of(),
            Set.of());

    /**
     * @param yes what is so where a sign is there, or what a number is of
     * @param no what is so where it is not; empty for a number
     */
    public record Words(String yes, String no) {}
}
