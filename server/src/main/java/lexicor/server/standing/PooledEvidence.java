package lexicor.server.standing;

import java.util.EnumMap;
import java.util.Map;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import org.springframework.stereotype.Component;

/** The packs' figures, pooled once at the start for each way to take studies at high risk of bias. */
@Component
public class PooledEvidence {
    private final Map<HighBias, EvidenceBase> byWay = new EnumMap<>(HighBias.class);

    PooledEvidence(Catalogue catalogue) {
        for (HighBias way : HighBias.values()) {
            byWay.put(way, EvidenceBase.of(catalogue, way));
        }
    }

    public EvidenceBase get(HighBias way) {
        return byWay.get(way);
    }
}
