package lexicor.server.evidence;

import lexicor.server.evidence.EvidenceViews.ClusterLine;
import lexicor.server.evidence.EvidenceViews.DesignRequest;
import lexicor.server.evidence.EvidenceViews.DesignView;
import lexicor.server.evidence.EvidenceViews.EvidenceIndex;
import lexicor.server.evidence.EvidenceViews.NewCluster;
import lexicor.server.evidence.EvidenceViews.PairView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Evidence and clusters over HTTP. */
@RestController
@RequestMapping("/api/evidence")
class EvidenceController {
    private final EvidenceService evidence;
    private final ClusterService clusters;
    private final DesignedClusters designed;

    EvidenceController(EvidenceService evidence, ClusterService clusters, DesignedClusters designed) {
        this.designed = designed;
        this.evidence = evidence;
        this.clusters = clusters;
    }

    @GetMapping
    EvidenceIndex evidence() {
        return new EvidenceIndex(evidence.pairs(), clusters.published());
    }

    @GetMapping("/pair")
    PairView pair(@RequestParam String criterion, @RequestParam String condition) {
        return evidence.pair(criterion, condition);
    }

    /** What counting these would be worth; nothing is stored. */
    @PostMapping("/design")
    DesignView design(@RequestBody DesignRequest request) {
        return clusters.design(request);
    }

    /** Keeps a rule of the workbench as the department's cluster. */
    @PostMapping("/clusters")
    @ResponseStatus(HttpStatus.CREATED)
    ClusterLine keep(@RequestBody NewCluster cluster) {
        return designed.keep(cluster);
    }
}
