package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.model.ExplainedFindings;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Reversal;

/** What one condition comes to among the others (method M17). */
public final class AmongRivals {
    private static final int RIVALS = 3;
    /** Who changes the probability by less is no rival; a working line. */
    private static final double CHANGE = 0.01;

    private final Alone alone;
    private final int index;
    private final List<Alone> considered;
    private final ExplainedFindings findings;
    private final double logit;
    /** Findings that argue against themselves here, in the order of that. */
    private final Set<String> setAside = new LinkedHashSet<>();
    /** By finding, {@code ln} of the condition's odds with and without it. */
    private final Map<String, Double> logAdded = new HashMap<>();

    AmongRivals(Alone alone, int index, List<Alone> considered, ExplainedFindings findings) {
        this.alone = alone;
        this.index = index;
        this.considered = considered;
        this.findings = findings;
        for (Optional<Item> worst = worst(); worst.isPresent(); worst = worst()) {
            setAside.add(worst.get().id);
        }
        logit = findings.logit(index, setAside);
    }

    /** The worst of the findings of its own that argue against themselves as things stand. */
    private Optional<Item> worst() {
        List<Item> own = alone.speakers().values().stream()
                .filter(i -> !setAside.contains(i.id))
                .toList();
        Map<String, Double> nearly =
                findings.nearlyAdded(own.stream().map(i -> i.id).toList(), index, setAside);
        own.forEach(i -> nearly.put(i.id, against(i, nearly.get(i.id))));
        double most = nearly.values().stream().mapToDouble(a -> a).max().orElse(-1);
        double within = findings.nearlyWithin(setAside);
        double atLeast = Math.max(most - 2 * within * (1 + Math.max(0, most)), -within);
        // Also what is no number: then it has to be known exactly.
        List<Item> candidates =
                own.stream().filter(i -> !(nearly.get(i.id) <= atLeast)).toList();
        if (candidates.size() == 1 && most > within) {
            return Optional.of(candidates.get(0));
        }
        Reversal worst = null;
        double standing = findings.logit(index, setAside);
        for (Item item : candidates) {
            double added = standing - findings.logitWithout(item.id, index, setAside);
            if (item.isReversedBy(added)) {
                worst = Reversal.worse(worst, new Reversal(item, added));
            }
        }
        return Optional.ofNullable(worst).map(Reversal::item);
    }

    /** By how much a joint effect runs against the item's own direction. */
    private static double against(Item item, double added) {
        if (Math.abs(item.logAlone) <= Item.TOLERANCE) {
            return Math.abs(added);
        }
        return item.logAlone > 0 ? -added : added;
    }

    /** The other condition that accounts most for a positive: by how probable it is and how often it turns the finding positive. */
    private String explains(String finding) {
        String most = "";
        double largest = 0;
        for (int c = 0; c < considered.size(); c++) {
            double share = Logit.inverse(findings.logit(c, Set.of())) * findings.activation(finding, c);
            if (c != index && share > largest) {
                most = considered.get(c).id();
                largest = share;
            }
        }
        return most;
    }

    /** {@code logit p = logit J + s K}. */
    double posttestLogit() {
        return logit + alone.pull();
    }

    /** {@code D}: how far the others carry it from where it would stand by itself. */
    double carried() {
        return posttestLogit() - alone.pretestLogit() - alone.logRatio();
    }

    /** {@code ln} of what a finding adds; empty for one that does not count. */
    OptionalDouble logAdded(String finding) {
        return counts(finding) ? OptionalDouble.of(added(finding)) : OptionalDouble.empty();
    }

    private boolean counts(String finding) {
        return alone.speakers().containsKey(finding) && !setAside.contains(finding);
    }

    private double added(String finding) {
        return logAdded.computeIfAbsent(finding, f -> logit - findings.logitWithout(f, index, setAside));
    }

    /** What has already said it, where a finding is set aside: a condition's id, or nothing where no single one has. */
    Optional<String> setAsideBy(String finding) {
        return setAside.contains(finding)
                ? Optional.of(alone.speakers().get(finding).positive ? explains(finding) : "")
                : Optional.empty();
    }

    /** What decided clusters add beside their members, as a factor on the odds; empty without one that counts. */
    public OptionalDouble clusterPull() {
        return alone.clusterLog().isPresent() ? OptionalDouble.of(Math.exp(alone.pull())) : OptionalDouble.empty();
    }

    /** By how much the counted clusters are believed beside their members, from 0 to 1. */
    public double clusterShare() {
        return alone.clusterShare();
    }

    /** The others that change it most, the largest change first. */
    List<Rival> rivals() {
        double stands = Logit.inverse(posttestLogit());
        List<Rival> rivals = new ArrayList<>();
        for (int c = 0; c < considered.size(); c++) {
            if (c != index) {
                double ifAbsent = Logit.inverse(findings.logitIfAbsent(c, index, setAside) + alone.pull());
                if (Math.abs(ifAbsent - stands) >= CHANGE) {
                    rivals.add(new Rival(considered.get(c).id(), ifAbsent));
                }
            }
        }
        rivals.sort(Comparator.<Rival>comparingDouble(r -> -Math.abs(r.ifAbsent() - stands))
                .thenComparing(Rival::id));
        return rivals.stream().limit(RIVALS).toList();
    }

    /** The findings that count, the weightiest first (method M15). */
    public List<Item> weightiestFirst() {
        return alone.speakers().values().stream()
                .filter(i -> counts(i.id))
                .sorted(Comparator.<Item>comparingDouble(i -> -Math.abs(added(i.id)))
                        .thenComparing(i -> i.id))
                .toList();
    }

    /** The probability with all findings, the clusters not yet counted. */
    public double beforeClusters() {
        return Logit.inverse(logit);
    }
}
