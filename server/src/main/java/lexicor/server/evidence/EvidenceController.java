package lexicor.server.evidence;

import lexicor.server.evidence.EvidenceViews.DesignRequest;
import lexicor.server.evidence.EvidenceViews.DesignView;
import lexicor.server.evidence.EvidenceViews.EvidenceIndex;
import lexicor.server.evidence.EvidenceViews.PairView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Evidence and clusters over HTTP. */
@RestController
@RequestMapping("/api/evidence")
class EvidenceController {
    private final EvidenceService evidence;
    private final ClusterService clusters;

    EvidenceController(EvidenceService evidence, ClusterService clusters) {
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
}
