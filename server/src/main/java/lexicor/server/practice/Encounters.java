package lexicor.server.practice;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.HistoryItem;
import lexicor.core.examination.Place;
import lexicor.core.practice.debrief.Deed;
import lexicor.core.practice.debrief.Deed.Asked;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.practice.debrief.Deed.Did;
import lexicor.core.practice.debrief.Deed.Looked;
import lexicor.core.practice.debrief.Deed.Question;
import lexicor.core.practice.debrief.Deed.Said;
import lexicor.core.practice.patient.Answers.Answer;
import lexicor.core.practice.patient.Person;
import lexicor.core.practice.patient.Reply;
import lexicor.server.practice.PracticeViews.CandidateView;
import lexicor.server.practice.PracticeViews.CourtesyView;
import lexicor.server.practice.PracticeViews.EncounterView;
import lexicor.server.practice.PracticeViews.MetView;
import lexicor.server.practice.PracticeViews.QuestionView;
import lexicor.server.practice.PracticeViews.ReplyView;
import lexicor.server.practice.StepBodies.AskedBody;

/** What a learner sees of a simulated patient: what was asked, done and looked at, and nothing else. */
final class Encounters {
    private static final String BARED = "Both arms are bare.";

    private final Attempt attempt;
    private final Catalogue catalogue;

    private Encounters(Attempt attempt) {
        this.attempt = attempt;
        catalogue = attempt.catalogue();
    }

    /**
     * @param own whether whoever asks is the one who examines
     */
    static EncounterView view(Attempt attempt, boolean own) {
        return new Encounters(attempt).view(own);
    }

    private EncounterView view(boolean own) {
        PatientRecord stored = attempt.stored();
        return new EncounterView(
                stored.id,
                attempt.address(),
                stored.owner,
                own,
                stored.complaint,
                attempt.open().complaintName(),
                attempt.setting(),
                stored.seed,
                person(attempt.patient().person()),
                courtesies(),
                questions(),
                replies(),
                candidates(),
                attempt.minutes(),
                stored.minutes,
                attempt.hunches(false).orElse(null),
                attempt.hunches(true).orElse(null),
                attempt.isPeeked(),
                stored.isEnded(),
                stored.station);
    }

    private static MetView person(Person p) {
        return new MetView(p.age().label(), p.work(), p.free(), p.involved(), p.dominant(), p.opening());
    }

    private List<CourtesyView> courtesies() {
        return attempt.deeds(Said.class)
                .map(Said::what)
                .distinct()
                .map(w -> new CourtesyView(w, words(w)))
                .toList();
    }

    private String words(Courtesy what) {
        return switch (what) {
            case PERMISSION -> attempt.patient().answers().permission();
            case SPEAK_UP -> attempt.patient().answers().speakUp();
            case BARE -> BARED;
        };
    }

    private List<QuestionView> questions() {
        Map<AskedBody, Boolean> asked = new LinkedHashMap<>();
        attempt.deeds(Asked.class).forEach(a -> asked.put(new AskedBody(a.kind(), a.id()), a.yes()));
        List<QuestionView> all = new ArrayList<>();
        for (HistoryItem item : catalogue.history()) {
            AskedBody body = new AskedBody(Question.HISTORY, item.id());
            if (!item.fromAgeBand() && (isAbout(item) || asked.containsKey(body))) {
                all.add(question(body, item.ask(), asked));
            }
        }
        catalogue
                .precautions()
                .forEach(p -> all.add(question(new AskedBody(Question.PRECAUTION, p.id()), p.label(), asked)));
        catalogue.warnings().forEach(w -> all.add(question(new AskedBody(Question.WARNING, w.id()), w.when(), asked)));
        return all;
    }

    /** Whether the answer could tell something of a candidate. */
    private boolean isAbout(HistoryItem item) {
        Collection<String> candidates = attempt.patient().world().complaint().candidates();
        return item.notches().keySet().stream().anyMatch(candidates::contains)
                || item.finding()
                        && catalogue.conditionsInformedBy(Set.of(item.id())).stream()
                                .anyMatch(candidates::contains);
    }

    private QuestionView question(AskedBody body, String ask, Map<AskedBody, Boolean> asked) {
        Optional<Answer> answer = asked.containsKey(body) ? Optional.of(attempt.answer(body)) : Optional.empty();
        return new QuestionView(
                body.kind(),
                body.id(),
                ask,
                answer.map(Answer::yes).orElse(null),
                answer.map(Answer::words).orElse(null));
    }

    /** The latest of every place that was done. */
    private List<ReplyView> replies() {
        Map<Place, Integer> times = new LinkedHashMap<>();
        Map<Place, Boolean> looked = new LinkedHashMap<>();
        Place last = null;
        for (Deed deed : attempt.deeds()) {
            if (deed instanceof Did did) {
                last = did.place();
                // The latest comes last.
                times.remove(last);
                times.put(last, did.time());
                looked.put(last, false);
            } else if (deed instanceof Looked && last != null) {
                looked.put(last, true);
            }
        }
        boolean heard = attempt.wasSaid(Courtesy.SPEAK_UP);
        return times.entrySet().stream()
                .map(e -> reply(e.getKey(), e.getValue(), heard || looked.get(e.getKey())))
                .toList();
    }

    private ReplyView reply(Place place, int time, boolean shown) {
        Reply reply = attempt.patient().reply(place.test(), place.at(), place.side(), time);
        ClinicalTest test = catalogue.test(place.test()).orElseThrow();
        return new ReplyView(
                place.test(),
                place.at(),
                place.side(),
                reply.seen(),
                reply.said(),
                shown ? reply.shown() : null,
                reply.afterSeconds().isPresent() ? reply.afterSeconds().getAsInt() : null,
                test.holdSeconds().isPresent() ? test.holdSeconds().getAsInt() : null,
                time + 1);
    }

    private List<CandidateView> candidates() {
        List<CandidateView> all = new ArrayList<>();
        attempt.patient().world().startingRates().forEach((id, rate) -> {
            Condition condition = catalogue.condition(id).orElseThrow();
            all.add(new CandidateView(
                    id, condition.name(), condition.shortName().orElse(condition.name()), rate, condition.onward()));
        });
        return all;
    }
}
