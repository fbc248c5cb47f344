package lexicor.server.cases.records;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import lexicor.core.evidence.HighBias;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Cache;
import org.hibernate.annotations.CacheConcurrencyStrategy;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;

/** A stored case. */
@Entity
@Audited
@Table(name = "examination_case")
public class CaseRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long id;

    @Version
    public long version;

    /** Unique among the cases that one person has made. */
    public String code;

    /** Who made it, whoever's it is now; empty from before there were accounts. */
    @NotAudited
    public String madeBy = "";

    public Instant createdAt;

    @NotAudited
    public Instant updatedAt;

    /** Whose it is; null from before there were accounts. */
    public String owner;

    /** Null while it is there. */
    public Instant deletedAt;

    /** Whether it is no patient's but made by the program. */
    @NotAudited
    public boolean simulated;

    /** The case that this is a second examination of; null for any other. */
    @NotAudited
    public Long secondOf;

    /** Until when the second examination was blind; null while it is. */
    @NotAudited
    public Instant blindUntil;

    /** Who examines it a second time and must not see it until then; null where nobody does. */
    @NotAudited
    public String blindTo;

    /** Null while it is open. */
    public Instant closedAt;

    public String closedBy;

    /** The content that it was closed with; null while it is open. */
    @NotAudited
    public Long edition;

    /** How the department weighed when it was closed; null while it is open. */
    @NotAudited
    public String closedWith;

    public String complaint;

    /** What else the patient comes with; null where it is one thing. */
    public String alsoComplaint;

    public String involvedSide;
    public String dominantSide;
    /** In years; null where only a band is known, or nothing. */
    public Integer age;

    public String ageBand;
    public String sex;
    public String setting;
    public String mechanism;

    /** What is told in a few words; null where nothing was. */
    @Embedded
    public ToldRecord told;

    public String highBias;

    /** Whether the other side is troubled too, so that it is no baseline; empty in histories from before that was asked. */
    public Boolean bothSides = false;

    /** The visit that is open; null where it is the latest. */
    public Integer openVisit;

    @ElementCollection
    @CollectionTable(name = "case_candidate", joinColumns = @JoinColumn(name = "case_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public List<CandidateRecord> candidates = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "case_answer", joinColumns = @JoinColumn(name = "case_id"))
    @MapKeyColumn(name = "item")
    @Column(name = "answer")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Map<String, Boolean> answers = new LinkedHashMap<>();

    /** The case's own running order; empty where the proposed one is followed. */
    @ElementCollection
    @CollectionTable(name = "case_plan", joinColumns = @JoinColumn(name = "case_id"))
    @OrderColumn(name = "place")
    @Column(name = "test_id")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public List<String> plan = new ArrayList<>();

    /** Sets of tests that were put into the order as one. */
    @NotAudited
    @ElementCollection
    @CollectionTable(name = "case_set", joinColumns = @JoinColumn(name = "case_id"))
    @OrderColumn(name = "place")
    @Column(name = "set_id")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public List<String> sets = new ArrayList<>();

    /** The minutes there are for this visit; null where nothing is left out for want of time. */
    @NotAudited
    public Integer minutesThere;

    /** Tests of the running order that are left out for want of time, each with the reason. */
    @NotAudited
    @ElementCollection
    @CollectionTable(name = "case_left_out", joinColumns = @JoinColumn(name = "case_id"))
    @MapKeyColumn(name = "test_id")
    @Column(name = "why")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Map<String, String> leftOut = new LinkedHashMap<>();

    /** Where it hurts: a side and a place of the drawn body. */
    @ElementCollection
    @CollectionTable(name = "case_hurt", joinColumns = @JoinColumn(name = "case_id"))
    @Column(name = "place")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Set<String> hurts = new TreeSet<>();

    @ElementCollection
    @CollectionTable(name = "case_ladder", joinColumns = @JoinColumn(name = "case_id"))
    @MapKeyColumn(name = "ladder")
    @Column(name = "answer")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Map<String, String> ladders = new LinkedHashMap<>();

    @ElementCollection
    @CollectionTable(name = "case_precaution", joinColumns = @JoinColumn(name = "case_id"))
    @Column(name = "precaution")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Set<String> precautions = new TreeSet<>();

    @ElementCollection
    @CollectionTable(name = "case_warning", joinColumns = @JoinColumn(name = "case_id"))
    @Column(name = "warning")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Set<String> warnings = new TreeSet<>();

    /** What was said of warning signs that are raised, by the sign. */
    @ElementCollection
    @CollectionTable(name = "case_settled_warning", joinColumns = @JoinColumn(name = "case_id"))
    @MapKeyColumn(name = "warning")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Map<String, SettledWarning> settled = new LinkedHashMap<>();

    /** Who else may open it. */
    @ElementCollection
    @CollectionTable(name = "case_share", joinColumns = @JoinColumn(name = "case_id"))
    @Column(name = "person")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Set<String> shares = new TreeSet<>();

    /** When each visit began, the first one first. */
    @ElementCollection
    @CollectionTable(name = "case_visit", joinColumns = @JoinColumn(name = "case_id"))
    @OrderColumn(name = "place")
    @Column(name = "started_at")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public List<Instant> visits = new ArrayList<>();

    /** The visits whose day somebody gave. */
    @ElementCollection
    @CollectionTable(name = "case_dated_visit", joinColumns = @JoinColumn(name = "case_id"))
    @Column(name = "visit")
    @BatchSize(size = 50)
    @Cache(usage = CacheConcurrencyStrategy.READ_WRITE)
    public Set<Integer> datedVisits = new TreeSet<>();

    /** What the patient comes with, the first complaint first. */
    public List<String> complaints() {
        return alsoComplaint == null ? List.of(complaint) : List.of(complaint, alsoComplaint);
    }

    /** Whether it is a second examination that nobody but its examiner may see yet. */
    public boolean isBlind() {
        return secondOf != null && blindUntil == null;
    }

    public boolean isClosed() {
        return closedAt != null;
    }

    /** The number of the current visit, from 1: the one that is open, or else the latest by its day. */
    public int visit() {
        return openVisit != null ? openVisit : latestVisit();
    }

    /** The number of the latest visit by its day. */
    public int latestVisit() {
        List<Integer> order = visitsInOrder();
        return order.get(order.size() - 1);
    }

    /** The numbers of the visits by their day; those of one day in the order they were begun. */
    public List<Integer> visitsInOrder() {
        return IntStream.rangeClosed(1, visits.size())
                .boxed()
                .sorted(Comparator.comparing(v -> visits.get(v - 1)))
                .toList();
    }

    /** The visit before one by its day; empty for the first. */
    public Optional<Integer> visitBefore(int visit) {
        List<Integer> order = visitsInOrder();
        int at = order.indexOf(visit);
        return at > 0 ? Optional.of(order.get(at - 1)) : Optional.empty();
    }

    /** The case with a visit open, to be read and never stored. */
    public CaseRecord asOf(int visit) {
        CaseRecord then = new CaseRecord();
        then.id = id;
        then.version = version;
        then.code = code;
        then.madeBy = madeBy;
        then.createdAt = createdAt;
        then.updatedAt = updatedAt;
        then.owner = owner;
        then.deletedAt = deletedAt;
        then.closedAt = closedAt;
        then.closedBy = closedBy;
        then.edition = edition;
        then.closedWith = closedWith;
        then.complaint = complaint;
        then.alsoComplaint = alsoComplaint;
        then.involvedSide = involvedSide;
        then.dominantSide = dominantSide;
        then.age = age;
        then.ageBand = ageBand;
        then.sex = sex;
        then.setting = setting;
        then.mechanism = mechanism;
        then.told = told;
        then.highBias = highBias;
        then.candidates = candidates;
        then.answers = answers;
        then.plan = plan;
        then.sets = sets;
        then.minutesThere = minutesThere;
        then.leftOut = leftOut;
        then.hurts = hurts;
        then.ladders = ladders;
        then.precautions = precautions;
        then.warnings = warnings;
        then.settled = settled;
        then.shares = shares;
        then.visits = visits;
        then.datedVisits = datedVisits;
        then.bothSides = bothSides;
        then.simulated = simulated;
        then.secondOf = secondOf;
        then.blindUntil = blindUntil;
        then.blindTo = blindTo;
        then.openVisit = visit;
        return then;
    }

    /** The case's own way to take studies at high risk of bias; empty where the department's applies. */
    public Optional<HighBias> ownHighBias() {
        return Optional.ofNullable(highBias).flatMap(HighBias::withId);
    }
}
