package lexicor.core.honesty;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import org.hipparchus.special.Erf;

/**
 * One made-up clinic for one complaint: what its patients have, and how its tests come out.
 *
 * <p>Not the program's model: of the conditions that a patient has, the one that turns a test positive most easily decides alone;
 * irritable patients and lenient examiners find more of everything; and a sign may simply repeat another that was read before it.
 * The chance of each condition given all results is known here exactly, by going through everything the patient could have.
 */
final class World {
    /** Signs of one test are read at one go. */
    private static final double COPYING_WITHIN_A_TEST = 0.6;

    /** Signs of another family follow the first sign of all half as often as those of its own. */
    private static final double COPYING_ELSEWHERE = 0.5;

    private static final double BASE_RATE_SD = 0.35;
    private static final int CONTROLS = 300;
    /** Quantiles at which irritability is taken. */
    private static final double[] MOODS = {-1.593, -0.967, -0.589, -0.282, 0, 0.282, 0.589, 0.967, 1.593};

    final List<String> conditions;
    final List<Sign> signs = new ArrayList<>();
    private final Scenario scenario;
    private final Random random;
    private final double[] prevalence;
    private final double leniency;
    private final double[] prior;
    /** Shared trouble that is no candidate is the last of what a patient can have. */
    private final int states;

    /** A criterion as this clinic finds it; strengths by condition, 0 where it does not turn the sign positive. */
    record Sign(String criterion, String test, String family, double background, double[] strength, byte[] decides) {
        Sign(String criterion, String test, String family, double background, double[] strength) {
            this(criterion, test, family, background, strength, decides(background, strength));
        }

        /** By set, which condition decides; the number of conditions where the background does. */
        private static byte[] decides(double background, double[] strength) {
            byte[] decides = new byte[1 << strength.length];
            for (int set = 0; set < decides.length; set++) {
                decides[set] = (byte) strength.length;
                double most = background;
                for (int c = 0; c < strength.length; c++) {
                    if ((set >> c & 1) == 1 && strength[c] > most) {
                        most = strength[c];
                        decides[set] = (byte) c;
                    }
                }
            }
            return decides;
        }
    }

    /** A patient: who has what, as a set, and how easily anything hurts. */
    record Patient(int has, double mood) {
        boolean has(int condition) {
            return (has >> condition & 1) == 1;
        }
    }

    /**
     * @param regions whose tests are done
     * @param baseRates by condition, of patients like these; this clinic's are around them
     */
    World(
            Catalogue catalogue,
            EvidenceBase evidence,
            Collection<String> regions,
            Map<String, Double> baseRates,
            Scenario scenario,
            long seed) {
        this.scenario = scenario;
        random = new Random(seed);
        conditions = List.copyOf(baseRates.keySet());
        states = conditions.size() + 1;
        prevalence = new double[states];
        for (int c = 0; c < conditions.size(); c++) {
            prevalence[c] = expit(logit(baseRates.get(conditions.get(c)))
                    + BASE_RATE_SD * Math.sqrt(scenario.clinics) * random.nextGaussian());
        }
        prevalence[states - 1] = scenario.unlisted;
        leniency = scenario.leniency * random.nextGaussian();
        prior = new double[1 << states];
        for (int set = 0; set < prior.length; set++) {
            prior[set] = 1;
            for (int c = 0; c < states; c++) {
                prior[set] *= (set >> c & 1) == 1 ? prevalence[c] : 1 - prevalence[c];
            }
        }
        for (ClinicalTest test : catalogue.tests()) {
            if (regions.contains(test.region())) {
                for (String criterion : test.criterionIds()) {
                    addSign(catalogue, evidence, test, criterion);
                }
            }
        }
    }

    private void addSign(Catalogue catalogue, EvidenceBase evidence, ClinicalTest test, String criterion) {
        Map<String, Evidence> known = evidence.of(criterion);
        Set<String> listed = catalogue.provokes().conditionsOf(test, criterion);
        double[] strength = new double[states];
        Map<Integer, Double> falsePositive = new LinkedHashMap<>();
        for (int c = 0; c < conditions.size(); c++) {
            if (known.get(conditions.get(c)) instanceof Evidence.Weighable w) {
                Accuracy a = w.accuracy();
                strength[c] = here(a.logitSensitivity(), a.predictive().sensitivity());
                falsePositive.put(
                        c, 1 - here(a.logitSpecificity(), a.predictive().specificity()));
            } else {
                double chance = listed.contains(conditions.get(c)) ? scenario.rivals.listed : scenario.rivals.unlisted;
                boolean provokes = random.nextDouble() < chance;
                double often = scenario.provokes * (0.5 + random.nextDouble());
                strength[c] = provokes ? often : 0;
            }
        }
        if (falsePositive.isEmpty()) {
            return;
        }
        strength[states - 1] = scenario.provokes;
        double wanted = falsePositive.values().stream()
                .mapToDouble(World::logit)
                .average()
                .orElseThrow();
        double background = expit(wanted);
        if (!scenario.cleanControls) {
            background = belowOthers(expit(wanted), strength, falsePositive.keySet());
        }
        signs.add(new Sign(criterion, test.id(), test.family(), background, strength));
    }

    /** A figure of this clinic, around the pooled one. */
    private double here(double logit, double variance) {
        return expit(logit + Math.sqrt(scenario.clinics * variance) * random.nextGaussian());
    }

    /** The background that, with the others at their base rates, makes up the false positives that the studies saw. */
    private double belowOthers(double wanted, double[] strength, Set<Integer> studied) {
        int[] controls =
                random.ints(CONTROLS, 0, Integer.MAX_VALUE).map(this::anybody).toArray();
        double low = 1e-4;
        double high = wanted;
        for (int step = 0; step < 30; step++) {
            double tried = (low + high) / 2;
            double seen = 0;
            for (int set : controls) {
                for (int without : studied) {
                    seen += strongest(set & ~(1 << without), tried, strength) / (CONTROLS * studied.size());
                }
            }
            if (seen > wanted) {
                high = tried;
            } else {
                low = tried;
            }
        }
        return (low + high) / 2;
    }

    private int anybody(int seed) {
        Random own = new Random(seed);
        int set = 0;
        for (int c = 0; c < states; c++) {
            set |= own.nextDouble() < prevalence[c] ? 1 << c : 0;
        }
        return set;
    }

    private static double strongest(int set, double background, double[] strength) {
        double most = background;
        for (int c = 0; c < strength.length; c++) {
            if ((set >> c & 1) == 1) {
                most = Math.max(most, strength[c]);
            }
        }
        return most;
    }

    Patient patient() {
        return new Patient(anybody(random.nextInt()), MOODS[random.nextInt(MOODS.length)]);
    }

    /** One who has the condition, whatever else. */
    Patient patientWith(String condition) {
        Patient any = patient();
        return new Patient(any.has | 1 << conditions.indexOf(condition), any.mood);
    }

    /** The signs of the tests done, in their order, as they come out in the patient. */
    List<Boolean> examine(Patient patient, List<Sign> done) {
        List<Boolean> results = new ArrayList<>();
        for (int i = 0; i < done.size(); i++) {
            int before = before(done, i);
            if (before >= 0 && random.nextDouble() < copying(done, before, i)) {
                results.add(results.get(before));
            } else {
                double seen = strongest(patient.has, done.get(i).background, done.get(i).strength);
                results.add(random.nextDouble() < felt(seen, patient.mood));
            }
        }
        return results;
    }

    /** The sign before it that it may repeat; -1 for none. */
    private int before(List<Sign> done, int i) {
        boolean last = scenario.copies == Scenario.Copying.THE_ONE_BEFORE;
        int ofTest = -1;
        int ofFamily = -1;
        for (int k = 0; k < i; k++) {
            if (done.get(k).test.equals(done.get(i).test) && (last || ofTest < 0)) {
                ofTest = k;
            }
            if (done.get(k).family.equals(done.get(i).family) && (last || ofFamily < 0)) {
                ofFamily = k;
            }
        }
        if (ofTest >= 0) {
            return ofTest;
        }
        return ofFamily >= 0 || last || i == 0 ? ofFamily : 0;
    }

    private double copying(List<Sign> done, int before, int i) {
        if (done.get(before).test.equals(done.get(i).test)) {
            return COPYING_WITHIN_A_TEST;
        }
        return done.get(before).family.equals(done.get(i).family)
                ? scenario.copying
                : scenario.copying * COPYING_ELSEWHERE;
    }

    private double felt(double strength, double mood) {
        double spread = Math.sqrt(1 + scenario.irritability * scenario.irritability);
        double clipped = Math.min(1 - 1e-9, Math.max(1e-9, strength));
        return phi(probit(clipped) * spread + scenario.irritability * mood + leniency);
    }

    /** What one who knows this clinic exactly would say of each condition, given the results. */
    double[] truth(List<Sign> done, List<Boolean> results) {
        double[] with = new double[conditions.size()];
        double total = 0;
        double[] fresh = new double[done.size()];
        double[] copied = new double[done.size()];
        for (int i = 0; i < fresh.length; i++) {
            int before = before(done, i);
            double copying = before < 0 ? 0 : copying(done, before, i);
            fresh[i] = 1 - copying;
            copied[i] = before >= 0 && results.get(before).equals(results.get(i)) ? copying : 0;
        }
        for (int m = 0; m < MOODS.length; m++) {
            double[][] felt = felt(done, MOODS[m]);
            for (int set = 0; set < 1 << states; set++) {
                double p = prior[set];
                for (int i = 0; i < felt.length; i++) {
                    double positive = felt[i][done.get(i).decides[set]];
                    p *= copied[i] + fresh[i] * (results.get(i) ? positive : 1 - positive);
                }
                total += p;
                for (int c = 0; c < with.length; c++) {
                    with[c] += (set >> c & 1) == 1 ? p : 0;
                }
            }
        }
        for (int c = 0; c < with.length; c++) {
            with[c] /= total;
        }
        return with;
    }

    /** By sign, then by what decides it: each condition, and last the background. */
    private double[][] felt(List<Sign> done, double mood) {
        double[][] felt = new double[done.size()][states + 1];
        for (int i = 0; i < felt.length; i++) {
            for (int c = 0; c < states; c++) {
                felt[i][c] = felt(done.get(i).strength[c], mood);
            }
            felt[i][states] = felt(done.get(i).background, mood);
        }
        return felt;
    }

    private static double logit(double p) {
        return Math.log(p / (1 - p));
    }

    private static double expit(double x) {
        return 1 / (1 + Math.exp(-x));
    }

    private static double phi(double x) {
        return 0.5 * Erf.erfc(-x / Math.sqrt(2));
    }

    private static double probit(double p) {
        return -Math.sqrt(2) * Erf.erfcInv(2 * p);
    }
}
