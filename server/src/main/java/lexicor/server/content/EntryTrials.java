package lexicor.server.content;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.document.Problem;
import lexicor.core.examination.CriterionEvaluator;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Readings;
import lexicor.core.examination.RuleSentence;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.examination.TapReader;
import lexicor.server.catalogue.Edition;
import lexicor.server.catalogue.Editions;
import lexicor.server.catalogue.TestViews;
import lexicor.server.content.ContentViews.RuleRead;
import lexicor.server.content.ContentViews.Trial;
import lexicor.server.content.ContentViews.TrialOutcome;
import lexicor.server.content.ContentViews.TrialTap;
import lexicor.server.content.ContentViews.Tried;
import lexicor.server.problems.CleanText;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Service;
import tools.jackson.databind.node.ObjectNode;

/** Entries tried out in the whole content before they are stored. */
@Service
class EntryTrials {
    /** The side that patients of a trial have trouble with. */
    private static final Side AFFECTED = Side.RIGHT;

    private static final int MOST_TAPS = 200;
    private static final int KEPT = 4;

    /** The content with an entry in it, or what is wrong with that. */
    private record Whole(Catalogue catalogue, List<FormProblem> problems) {}

    private record Key(String edition, PackEntry.Kind kind, String id, ObjectNode fields) {}

    private final Editions editions;
    private final Cache<Key, Whole> wholes =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    EntryTrials(Editions editions) {
        this.editions = editions;
    }

    Tried tryOut(PackEntry.Kind kind, String id, Trial trial) {
        if (!(trial.fields() instanceof ObjectNode fields)) {
            throw Refusal.field("fields", "expected an object with named fields");
        }
        CleanText.check(fields, "fields");
        PackEntry entry = new PackEntry(kind, id, fields);
        Edition current = editions.current();
        Whole whole = wholes.get(new Key(current.version(), kind, id, fields), k -> with(current, entry));
        if (!whole.problems().isEmpty() || kind != PackEntry.Kind.TEST) {
            return new Tried(whole.problems(), null, List.of(), List.of());
        }
        ClinicalTest test = whole.catalogue().test(id).orElseThrow();
        return new Tried(
                List.of(),
                TestViews.of(test, whole.catalogue()),
                test.criteria().stream()
                        .map(c -> new RuleRead(
                                c.id(), c.label(), RuleSentence.of(c.positiveWhen(), test, whole.catalogue())))
                        .toList(),
                outcomes(test, whole.catalogue(), trial.taps() == null ? List.of() : trial.taps()));
    }

    private static Whole with(Edition current, PackEntry entry) {
        List<FormProblem> problems = EntryChecks.of(entry);
        if (!problems.isEmpty()) {
            return new Whole(current.catalogue(), problems);
        }
        try {
            Catalogue catalogue = Edition.of(current.toBeChanged().put(entry).files(), current.since())
                    .catalogue();
            return new Whole(catalogue, problems);
        } catch (InvalidDocumentException e) {
            return new Whole(current.catalogue(), FormProblem.of(e, entry));
        }
    }

    private static List<TrialOutcome> outcomes(ClinicalTest test, Catalogue catalogue, List<TrialTap> taps) {
        if (taps.size() > MOST_TAPS) {
            throw Refusal.field("taps", "expected at most " + MOST_TAPS);
        }
        List<Tap> read = new ArrayList<>();
        for (TrialTap tap : taps) {
            try {
                read.add(TapReader.read(catalogue, test.id(), tap.at(), tap.side(), tap.changes()));
            } catch (InvalidDocumentException e) {
                Problem first = e.problems().get(0);
                throw Refusal.field("taps." + first.path(), first.message());
            }
        }
        List<Finding> findings = new CriterionEvaluator(catalogue, Readings.of(read)).evaluate(test, AFFECTED);
        List<TrialOutcome> outcomes = new ArrayList<>();
        for (int i = 0; i < findings.size(); i++) {
            Finding f = findings.get(i);
            outcomes.add(new TrialOutcome(f.criterion(), test.criteria().get(i).label(), f.outcome(), f.reason()));
        }
        return outcomes;
    }
}
