package lexicor.server.cases;

import java.util.List;
import lexicor.core.weighing.BedsideCase;
import lexicor.core.weighing.Candidate;
import lexicor.core.weighing.Suspicion;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.QuestionService;
import lexicor.server.standing.Questions.Apart;
import lexicor.server.standing.Questions.SequenceView;
import lexicor.server.standing.Questions.Supposed;
import lexicor.server.standing.Questions.Supposition;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Brings the stored case to what is asked of it. */
@Service
@Transactional(readOnly = true)
class CaseQuestions {
    private final CaseDoor door;
    private final AccessLog log;
    private final TapStore taps;
    private final CaseAssembly assembly;
    private final CaseBasis basis;
    private final QuestionService questions;

    CaseQuestions(
            CaseDoor door,
            AccessLog log,
            TapStore taps,
            CaseAssembly assembly,
            CaseBasis basis,
            QuestionService questions) {
        this.door = door;
        this.log = log;
        this.taps = taps;
        this.assembly = assembly;
        this.basis = basis;
        this.questions = questions;
    }

    public Supposed suppose(String code, Supposition supposition) {
        if (supposition.outcomes() == null || supposition.suspicions() == null) {
            throw Refusal.field(
                    supposition.outcomes() == null ? "outcomes" : "suspicions",
                    "missing; expected an object, which may be empty");
        }
        CaseRecord stored = door.existing(code);
        BedsideCase bedside = bedside(stored);
        for (String condition : supposition.suspicions().keySet()) {
            boolean known = stored.candidates.stream().anyMatch(c -> c.condition.equals(condition));
            String step = supposition.suspicions().get(condition);
            if (!known || step == null || Suspicion.withId(step).isEmpty()) {
                throw Refusal.field(
                        "suspicions." + condition, "expected a candidate of the case and a step of suspicion");
            }
        }
        List<Candidate> candidates = assembly.candidates(stored, supposition.suspicions());
        BedsideCase changed = new BedsideCase(candidates, bedside.findings(), bedside.regions(), bedside.precautions());
        return questions.suppose(changed, supposition, basis.of(stored));
    }

    public Apart apart(String code, String first, String second) {
        CaseRecord stored = door.existing(code);
        return questions.apart(bedside(stored), basis.of(stored), first, second);
    }

    public SequenceView sequence(String code, double minutes) {
        CaseRecord stored = door.existing(code);
        return questions.sequence(bedside(stored), basis.of(stored), minutes);
    }

    @Transactional
    public JsonNode file(String code) {
        CaseRecord stored = door.existing(code);
        log.exported(stored);
        return weighFile(stored);
    }

    JsonNode weighFile(CaseRecord stored) {
        return questions.file(bedside(stored), basis.of(stored));
    }

    private BedsideCase bedside(CaseRecord stored) {
        return assembly.bedside(stored, assembly.readings(taps.standing(stored)));
    }
}
