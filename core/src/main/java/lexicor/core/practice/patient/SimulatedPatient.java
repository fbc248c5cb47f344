package lexicor.core.practice.patient;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Setting;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Side;
import lexicor.core.weighing.input.WeighingSettings;

/** A patient made from the packs: who it is, what is there, and how every test turns out on both sides. The same seed is the same. */
public final class SimulatedPatient {
    private final PatientWorld world;
    private final Draws draws;
    private final Latent latent;
    private final Set<String> conditions;
    private final Person person;
    private final Map<String, Boolean> history;
    private final Set<String> precautions;
    private final Set<String> warnings;
    private final boolean loose;
    private final Replies replies;

    private SimulatedPatient(PatientWorld world, long seed, Wish wish) {
        this.world = world;
        draws = Draws.in(world.complaint.id() + " " + world.setting.id(), seed);
        int set = wish.conditions().map(world::setOf).orElseGet(() -> world.drawSet(draws));
        latent = new Latent(draws, world.settings, set);
        conditions = world.named(set);
        PersonMaker maker = new PersonMaker(world, draws, set, wish);
        person = maker.person(latent.irritable());
        history = maker.history(latent);
        precautions = maker.precautions();
        warnings = maker.warnings();
        loose = maker.occurs("loose", world.catalogue.simulation().loose());
        replies = new Replies(this);
    }

    /** One of a world that is there already. */
    public static SimulatedPatient of(PatientWorld world, long seed, Wish wish) {
        return new SimulatedPatient(world, seed, wish);
    }

    /**
     * @param complaint what the patient comes with, an id of the catalogue's
     * @throws IllegalArgumentException if a condition wished for is no candidate of the complaint
     */
    public static SimulatedPatient of(
            Catalogue catalogue,
            EvidenceBase evidence,
            WeighingSettings settings,
            String complaint,
            Setting setting,
            long seed,
            Wish wish) {
        Complaint known = catalogue
                .complaint(complaint)
                .orElseThrow(() -> new IllegalArgumentException("there is no complaint " + complaint));
        boolean needsOne = wish.conditions().orElse(Set.of()).stream()
                .anyMatch(
                        c -> catalogue.condition(c).filter(k -> k.traumaOnly()).isPresent());
        boolean injured = known.injury()
                || needsOne
                || new Draws(seed)
                        .happens("injured", catalogue.simulation().chances().injury());
        return of(new PatientWorld(catalogue, evidence, settings, known, setting, injured), seed, wish);
    }

    public PatientWorld world() {
        return world;
    }

    /** What is there: none, one or two of the candidates, or what was wished for. */
    public Set<String> conditions() {
        return conditions;
    }

    public Person person() {
        return person;
    }

    /** What is answered when it is asked, by history item. */
    public Map<String, Boolean> history() {
        return Map.copyOf(history);
    }

    public Set<String> precautions() {
        return precautions;
    }

    public Set<String> warnings() {
        return warnings;
    }

    /** Whether joints are loose on both sides. */
    public boolean isLoose() {
        return loose;
    }

    /** What is answered to questions. */
    public Answers answers() {
        return new Answers(this);
    }

    Draws draws() {
        return draws;
    }

    /** Whether a criterion is meant to be positive on the side that is troubled, before anything spoils it. */
    public boolean isPositive(ClinicalTest test, Criterion criterion) {
        Causes causes = world.hasFigures(criterion.id())
                ? world.figured(test, criterion, draws)
                : world.unfigured(test, criterion, draws, warnings);
        return latent.positive(criterion.id(), test.family(), causes);
    }

    /** All of a test's criteria, by id. */
    Map<String, Boolean> meant(ClinicalTest test) {
        Map<String, Boolean> meant = new LinkedHashMap<>();
        test.criteria().forEach(c -> meant.put(c.id(), isPositive(test, c)));
        return meant;
    }

    /** What comes back when a place of a test is done on one side. */
    public Reply reply(String test, String at, Side side, int time) {
        return replies.to(test, at, side, time);
    }

    Optional<ClinicalTest> relieved(ClinicalTest test) {
        return test.particulars().relieves().flatMap(world.catalogue::test);
    }
}
