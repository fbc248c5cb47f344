package lexicor.core.practice.patient;

import static lexicor.core.catalogue.ReadingLeaf.*;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Particulars.Words;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.ReadingValue.Code;
import lexicor.core.examination.ReadingValue.Codes;
import lexicor.core.examination.ReadingValue.Flag;
import lexicor.core.examination.ReadingValue.Quantity;
import lexicor.core.examination.SpinalLevel;
import lexicor.core.examination.Wording;

/** How what is felt is put: raw, never as a result. */
final class Voice {
    private final Catalogue catalogue;
    private final ClinicalTest test;
    private final String at;
    private final Draws draws;
    private final Map<ReadingLeaf, ReadingValue> felt;
    private final boolean nothingToEase;
    private final List<String> seen = new ArrayList<>();
    private final List<String> said = new ArrayList<>();
    private final List<String> shown = new ArrayList<>();

    Voice(
            Catalogue catalogue,
            ClinicalTest test,
            String at,
            long seed,
            Map<ReadingLeaf, ReadingValue> felt,
            boolean nothingToEase) {
        this.catalogue = catalogue;
        this.test = test;
        this.at = at;
        this.felt = felt;
        this.nothingToEase = nothingToEase;
        draws = new Draws(seed);
    }

    Reply reply() {
        felt.forEach(this::put);
        if (nothingToEase) {
            see("nothing-eases", "");
        }
        return new Reply(
                Map.copyOf(felt), List.copyOf(seen), List.copyOf(said), List.copyOf(shown), Replies.seconds(felt));
    }

    private void put(ReadingLeaf leaf, ReadingValue value) {
        if (value instanceof Flag flag) {
            flag(leaf, flag.value());
        } else if (value instanceof Code code) {
            code(leaf, code.value());
        } else if (value instanceof Codes codes && leaf == CHEAT) {
            codes.values()
                    .forEach(c -> seen.add(sentence(catalogue.simulation().seen(), "cheat", "cheat")
                            .replace("{cheat}", label(test.particulars().cheats(), c))));
        } else if (value instanceof Quantity q) {
            number(leaf, q.value());
        }
    }

    private void flag(ReadingLeaf leaf, boolean is) {
        switch (leaf) {
            case PAIN_PRESENT -> {
                if (is || !felt.containsKey(TENDER)) {
                    show(is ? kind(PAIN_FAMILIAR, "their-pain", "another-pain", "pain") : "no-pain");
                }
            }
            case TINGLING_PRESENT ->
                say(
                        is
                                ? kind(TINGLING_FAMILIAR, "their-tingling", "another-tingling", "their-tingling")
                                : "no-tingling");
            case APPREHENSION -> show(is ? "apprehension" : "no-apprehension");
            case RELIEF -> say(is ? "relief" : "no-relief");
            case TENDER -> show(is ? "tender" : "not-tender");
            case SENSATION_REDUCED -> say(is ? "feels-less" : "feels-alike");
            case CLICK_PRESENT ->
                see(is ? kind(CLICK_PAINFUL, "click-painful", "click-painless", "click-painless") : "no-click", "");
            case CLUNK -> named(leaf, is, "clunk", "no-clunk");
            case CREPITUS -> named(leaf, is, "crepitus", "no-crepitus");
            case CANNOT_HOLD -> named(leaf, is, "cannotHold", "holds");
            case DROPS -> named(leaf, is, "drops", "no-drop");
            case HOLDS_POSITION -> named(leaf, is, "steady", "gives-way");
            case VISIBLE -> named(leaf, is, "visible", "not-visible");
            case LAXITY_SIDE_DIFFERENCE -> see(is ? "loose" : "not-loose", "");
            case MARK_GUARDED -> see("guarded", "");
            default -> {
                // Qualities are said with their sign.
            }
        }
    }

    private String kind(ReadingLeaf quality, String yes, String no, String unknown) {
        return felt.get(quality) instanceof Flag f ? (f.value() ? yes : no) : unknown;
    }

    /** By the test's own words where it has some. */
    private void named(ReadingLeaf leaf, boolean is, String yes, String no) {
        Optional<Words> own = Optional.ofNullable(test.particulars().words().get(leaf));
        if (own.isPresent() && !own.get().no().isEmpty()) {
            see("is-so", is ? own.get().yes() : own.get().no());
        } else if (own.isPresent()) {
            see(is ? "is-so" : "is-not-so", own.get().yes());
        } else {
            see(is ? yes : no, thing(leaf));
        }
    }

    private void code(ReadingLeaf leaf, String code) {
        if (leaf == WEAKNESS_GRADE) {
            see(code.equals("none") ? "strong" : code.equals("mild") ? "a-little-weak" : "clearly-weak", "");
        } else if (leaf == LAXITY_END_POINT) {
            see(code.equals("firm") ? "end-firm" : "end-none", "");
        }
    }

    private void number(ReadingLeaf leaf, double n) {
        switch (leaf) {
            case LAG_DEGREES -> see(n > 0 ? "lagDegrees" : "no-lag", "", n);
            case GAP_MM -> see(n > 0 ? "gapMm" : "no-gap", "", n);
            case WEAKNESS_MRC -> see("mrc", "", n);
            case SPINAL_LEVEL -> see("spinalLevel", SpinalLevel.name((int) n));
            case ARC_WORST_DEG ->
                seen.add(sentence(catalogue.simulation().seen(), "arc", leaf.leafName())
                        .replace("{n}", Wording.plain(n))
                        .replace("{from}", Wording.plain(quantity(ARC_START_DEG)))
                        .replace("{to}", Wording.plain(quantity(ARC_END_DEG))));
            case ARC_START_DEG, ARC_END_DEG -> {
                // Told with where it is worst.
            }
            default -> {
                String own = Optional.ofNullable(test.particulars().words().get(leaf))
                        .map(Words::yes)
                        .orElse("");
                if (own.isEmpty()) {
                    see(leaf.leafName(), "", n);
                } else {
                    seen.add(own + ": " + Wording.quantity(leaf, n) + ".");
                }
            }
        }
    }

    private double quantity(ReadingLeaf leaf) {
        return felt.get(leaf) instanceof Quantity q ? q.value() : 0;
    }

    private void say(String what) {
        said.add(spoken(what));
    }

    private void show(String what) {
        shown.add(spoken(what));
    }

    private String spoken(String what) {
        return sentence(catalogue.simulation().said(), what, what)
                .replace("{fingers}", fingers())
                .replace("{site}", site())
                .strip();
    }

    private void see(String what, String named) {
        see(what, named, 0);
    }

    private void see(String what, String named, double n) {
        seen.add(Wording.capital(sentence(catalogue.simulation().seen(), what, what)
                .replace("{what}", named)
                .replace("{n}", Wording.plain(n))));
    }

    private String sentence(Map<String, List<String>> sentences, String what, String about) {
        List<String> some = sentences.getOrDefault(what, List.of(what + " {n}"));
        return draws.one(test.id() + at + about, some);
    }

    private String site() {
        return felt.get(PAIN_SITE) instanceof Codes sites && !sites.values().isEmpty()
                ? Wording.capital(sites.values().stream()
                                .map(s -> label(test.particulars().sites(), s))
                                .collect(Collectors.joining(" and ")))
                        + "."
                : "";
    }

    private String fingers() {
        return felt.get(TINGLING_FINGERS) instanceof Codes codes
                ? codes.values().stream()
                        .map(id -> catalogue.fingers().label(id).orElse(id))
                        .map(Wording::midSentence)
                        .collect(Collectors.joining(", "))
                : "the hand";
    }

    /** What is looked for here: what the place's criterion that reads it is called, or the place itself. */
    private String thing(ReadingLeaf leaf) {
        return test.criteria().stream()
                .filter(c -> c.at().equals(at) && c.positiveWhen().comparisons().anyMatch(k -> k.leaf() == leaf))
                .map(Criterion::label)
                .findFirst()
                .orElse(test.placeLabel(at));
    }

    private static String label(List<Choice> choices, String id) {
        return Choice.label(choices, id).orElse(id);
    }
}
