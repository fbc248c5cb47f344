package lexicor.core.practice.patient;

import lexicor.core.weighing.input.WeighingSettings;

/**
 * How readings come out together in one patient: each has a threshold, and beside chance of its own it shares a factor with its family
 * and one with all others (the generative side of method M4). The factor of all is how irritable the patient is.
 *
 * @param set what the patient has
 */
record Latent(Draws draws, WeighingSettings settings, int set) {
    static final String HISTORY = "history";

    double irritable() {
        return draws.normal("irritable");
    }

    boolean positive(String reading, String family, Causes causes) {
        double general = settings.generalOverlap();
        double own = settings.familyOverlap();
        return causes.threshold(set)
                        + Math.sqrt(general) * irritable()
                        + Math.sqrt(own - general) * draws.normal("family " + family)
                        + Math.sqrt(1 - own) * draws.normal("reading " + reading)
                > 0;
    }
}
