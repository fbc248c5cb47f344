package lexicor.core.practice.patient;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.AgeOdds;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.catalogue.simulated.Life;
import lexicor.core.catalogue.simulated.Occurrence;
import lexicor.core.catalogue.simulated.Simulation;
import lexicor.core.examination.Side;

/**
 * Draws who a patient is and what they tell. What suggests a condition at the bedside suggests it here by as much: a history item is as
 * many times as frequent with a condition as its notch moves the odds (method M20).
 */
final class PersonMaker {
    /** What a notch does to the odds, from -2 to 2. */
    private static final double[] NOTCH = {0.2, 0.5, 1, 2, 5};

    private static final double MOST_OFTEN = 0.95;
    private static final double RIGHT_HANDED = 0.9;
    private static final double DOMINANT_INVOLVED = 0.6;

    private final PatientWorld world;
    private final Simulation simulation;
    private final Draws draws;
    private final Set<String> has;
    private final Wish wish;

    PersonMaker(PatientWorld world, Draws draws, int set, Wish wish) {
        this.world = world;
        this.simulation = world.catalogue.simulation();
        this.draws = draws;
        this.has = world.named(set);
        this.wish = wish;
    }

    Person person(double irritable) {
        AgeBand age = wish.age().orElseGet(this::age);
        List<Life> fitting = simulation.lives().stream()
                .filter(l -> l.ages().contains(age.id()))
                .toList();
        Life life = draws.one("life", fitting);
        Side dominant = draws.happens("dominant", RIGHT_HANDED) ? Side.RIGHT : Side.LEFT;
        Side involved = draws.happens("involved", DOMINANT_INVOLVED) ? dominant : dominant.other();
        return new Person(
                age, life.work(), life.free(), involved, dominant, opening() + " " + settles(irritable), irritable);
    }

    private AgeBand age() {
        AgeBand[] bands = AgeBand.values();
        double[] weights = new double[bands.length];
        for (int i = 0; i < bands.length; i++) {
            weights[i] = simulation.ages().get(world.setting.id()).getOrDefault(bands[i].id(), 0.0);
            for (HistoryItem item : world.catalogue.history()) {
                if (bands[i].answer(item).orElse(false)) {
                    weights[i] *= odds(item);
                }
            }
            for (String condition : has) {
                weights[i] *= world.catalogue
                        .ages()
                        .of(condition, bands[i])
                        .map(AgeOdds.Step::odds)
                        .orElse(1.0);
            }
        }
        return bands[draws.weighted("age", weights)];
    }

    /** How many times as frequent the item is, for what the patient has. */
    private double odds(HistoryItem item) {
        return has.stream()
                .mapToDouble(c -> NOTCH[item.notches().getOrDefault(c, 0) + 2])
                .reduce(1, (a, b) -> Math.abs(Math.log(b)) > Math.abs(Math.log(a)) ? b : a);
    }

    private String opening() {
        return injury().map(i -> draws.one("told " + i.id(), sentences(i.id())))
                .orElseGet(() ->
                        draws.one("onset", simulation.onsets().getOrDefault(world.complaint.id(), simulation.yes())));
    }

    /** Irritability as practitioners grade it. */
    private String settles(double irritable) {
        String grade = irritable > 1 ? "high" : irritable < -1 ? "low" : "moderate";
        return draws.one("settles", simulation.settles().get(grade));
    }

    private List<String> sentences(String item) {
        return simulation.told().getOrDefault(item, simulation.yes());
    }

    /** How it happened, of what can happen here; empty where it was no injury, or none that is asked for. */
    private Optional<HistoryItem> injury() {
        List<HistoryItem> possible = world.catalogue.history().stream()
                .filter(h -> h.injury() && isAbout(h))
                .toList();
        if (!world.injured || possible.isEmpty()) {
            return Optional.empty();
        }
        double[] weights = possible.stream().mapToDouble(this::odds).toArray();
        return Optional.of(possible.get(draws.weighted("injury", weights)));
    }

    private boolean isAbout(HistoryItem item) {
        return item.notches().keySet().stream().anyMatch(world.candidates()::contains);
    }

    /** What is answered to every history item that is asked; those that the age band answers are left out. */
    Map<String, Boolean> history(Latent latent) {
        Optional<HistoryItem> injury = injury();
        Map<String, Boolean> answers = new LinkedHashMap<>();
        for (HistoryItem item : world.catalogue.history()) {
            if (!item.fromAgeBand()) {
                answers.put(
                        item.id(), item.injury() ? injury.filter(item::equals).isPresent() : isSo(item, latent));
            }
        }
        return answers;
    }

    private boolean isSo(HistoryItem item, Latent latent) {
        if (world.hasFigures(item.id())) {
            return latent.positive(item.id(), Latent.HISTORY, world.figured(item.id()));
        }
        double told = isAbout(item) || item.finding() ? simulation.chances().told() : 0;
        return draws.happens("history " + item.id(), Math.min(MOST_OFTEN, told * odds(item)));
    }

    Set<String> precautions() {
        return occurring("precaution ", simulation.precautions(), wish.precautions());
    }

    Set<String> warnings() {
        return occurring("warning ", simulation.warnings(), wish.warnings());
    }

    private Set<String> occurring(String what, Map<String, Occurrence> all, Set<String> wished) {
        Set<String> there = new TreeSet<>(wished);
        all.forEach((id, o) -> {
            if (occurs(what + id, o)) {
                there.add(id);
            }
        });
        return there;
    }

    boolean occurs(String what, Occurrence o) {
        boolean more = o.with().stream().anyMatch(has::contains);
        return draws.happens(what, more ? Math.max(o.chance(), o.withChance()) : o.chance());
    }
}
