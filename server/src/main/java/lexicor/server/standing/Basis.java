package lexicor.server.standing;

import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.server.catalogue.Edition;
import lexicor.server.settings.DepartmentSettings;

/**
 * What a case is weighed with.
 *
 * @param edition the content and its figures
 * @param department how the department weighs
 * @param ofCase the case's own way to take studies at high risk of bias; empty where the department's applies
 */
public record Basis(Edition edition, DepartmentSettings department, Optional<HighBias> ofCase) {
    public Catalogue catalogue() {
        return edition.catalogue();
    }

    public School school() {
        return department.school();
    }

    public WeighingSettings settings() {
        return department.weighing(ofCase);
    }

    /** The figures in the way that applies. */
    public EvidenceBase evidence() {
        return evidence(settings().highBias());
    }

    /** The figures in another way. */
    public EvidenceBase evidence(HighBias way) {
        return edition.evidence(way, department.checkedOnly(), department.judgements());
    }

    /** The same with another way to take studies at high risk of bias. */
    public Basis taking(HighBias way) {
        return new Basis(edition, department, Optional.of(way));
    }
}
