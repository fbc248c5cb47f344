package lexicor.server.evidence;

import java.util.Locale;
import java.util.Optional;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.server.catalogue.Editions;
import lexicor.server.evidence.EvidenceViews.ClusterLine;
import lexicor.server.evidence.EvidenceViews.DesignRequest;
import lexicor.server.evidence.EvidenceViews.NewCluster;
import lexicor.server.evidence.EvidenceViews.RuleView;
import lexicor.server.layer.OwnEntries;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Keeps a rule of the workbench as a cluster of the department's, labelled designed. */
@Service
class DesignedClusters {
    private static final String CAUTION =
            "Designed in this department from its members' figures and overlaps; never studied as a whole.";
    private static final int LONGEST_NAME = 80;

    private final OwnEntries entries;
    private final ClusterService clusters;
    private final Editions editions;
    private final SignedIn signedIn;
    private final JsonMapper json;
    private final Moments moments;
    private final SettingsService settings;

    DesignedClusters(
            OwnEntries entries,
            ClusterService clusters,
            Editions editions,
            SignedIn signedIn,
            JsonMapper json,
            Moments moments,
            SettingsService settings) {
        this.entries = entries;
        this.clusters = clusters;
        this.editions = editions;
        this.signedIn = signedIn;
        this.json = json;
        this.moments = moments;
        this.settings = settings;
    }

    ClusterLine keep(NewCluster cluster) {
        String name = Optional.ofNullable(cluster.name()).orElse("").strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refusal.field("name", "expected a name of at most " + LONGEST_NAME + " characters");
        }
        if (cluster.design() == null) {
            throw Refusal.field("design", "missing");
        }
        DesignRequest design = cluster.design();
        RuleView rule = clusters.design(design).rules().stream()
                .filter(r -> r.atLeast() == cluster.atLeast())
                .findFirst()
                .orElseThrow(() -> Refusal.field("atLeast", "expected one of the lines that were worked out"));
        String id = "own-"
                + name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        if (editions.catalogue().cluster(id).isPresent()) {
            throw Refusal.field("name", "there is already a cluster of this name; choose another");
        }
        ObjectNode fields = json.createObjectNode();
        fields.put("id", id);
        fields.put("name", name);
        fields.put("condition", design.condition());
        design.criteria().forEach(fields.putArray("members")::add);
        if (design.isScore()) {
            design.criteria().stream().map(design::pointsOf).forEach(fields.putArray("points")::add);
        }
        fields.put("atLeast", cluster.atLeast());
        fields.putObject("accuracy")
                .put("sensitivity", rule.worth().sensitivity())
                .put("specificity", rule.worth().specificity());
        fields.put(
                "source",
                String.format(
                        Locale.ROOT,
                        "Designed by %s, overlap %.2f within a family and %.2f otherwise, %d",
                        signedIn.person().name(),
                        design.familyOverlap(),
                        design.generalOverlap(),
                        moments.today(settings.current().zone()).getYear()));
        fields.put("confidence", "medium");
        fields.put("designed", true);
        fields.put("caution", CAUTION);
        entries.add(new PackEntry(PackEntry.Kind.CLUSTER, id, fields), cluster.why(), cluster.sure());
        return clusters.line(id);
    }
}
