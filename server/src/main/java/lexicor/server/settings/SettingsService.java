package lexicor.server.settings;

import java.net.UnknownHostException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Set;
import java.util.TreeMap;
import lexicor.core.weighing.WeighingSettings;
import lexicor.server.catalogue.Editions;
import lexicor.server.history.AfterCommit;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the department's settings. */
@Service
public class SettingsService {
    private static final double MOST_PERCENT = 50;
    private static final double MOST_SHORT_DEGREES = 45;
    private static final int LONGEST_LOCK_MINUTES = 120;
    private static final int LONGEST_RETENTION_DAYS = 3650;
    private static final int KEY_BYTES = 18;
    private static final int LONGEST_HOST = 200;
    private static final Set<String> SECOND_FACTOR = Set.of("off", "leads", "everybody");

    private final SettingsStore store;
    private final Editions editions;
    private volatile DepartmentSettings kept;

    SettingsService(SettingsStore store, Editions editions) {
        this.store = store;
        this.editions = editions;
    }

    /** As they are; asked for many times with every tap, so they are kept until they change. */
    public DepartmentSettings current() {
        DepartmentSettings seen = kept;
        if (seen == null) {
            seen = view(store.findById(SettingsRecord.ONLY).orElseThrow());
            kept = seen;
        }
        return seen;
    }

    /**
     * Saves settings made from the stored version; those made from an older one are refused.
     *
     * @param sure whether a reason that looks like personal details was asked about and holds none
     */
    @Transactional
    public DepartmentSettings save(DepartmentSettings change, boolean sure) {
        check(change);
        SettingsRecord stored = store.findById(SettingsRecord.ONLY).orElseThrow();
        if (stored.version != change.version()) {
            throw Refusal.conflict(
                    "version: the settings were changed elsewhere in the meantime; here they are anew, please repeat");
        }
        stored.why = reason(view(stored), change, sure);
        stored.school = change.school();
        stored.highBias = change.highBias();
        stored.familyOverlap = change.familyOverlap();
        stored.generalOverlap = change.generalOverlap();
        stored.deficitPercent = change.deficitPercent();
        stored.shortDegrees = change.shortDegrees();
        stored.headStartPercent = change.headStartPercent();
        stored.shareAll = change.shareAll();
        stored.lockMinutes = change.lockMinutes();
        stored.retentionDays = change.retentionDays();
        stored.checkedOnly = change.checkedOnly();
        stored.recordSystem = change.recordSystem().strip();
        stored.insideHost = change.insideHost().strip();
        stored.secondFactor = change.secondFactor();
        stored.errors.clear();
        stored.errors.putAll(change.errors());
        stored.variants.clear();
        stored.variants.putAll(change.variants());
        DepartmentSettings saved = view(store.saveAndFlush(stored));
        AfterCommit.run(() -> kept = saved);
        return saved;
    }

    /** What devices show to be let in. */
    @Transactional
    public synchronized String deviceKey() {
        SettingsRecord stored = store.findById(SettingsRecord.ONLY).orElseThrow();
        return stored.deviceKey == null ? newDeviceKey() : stored.deviceKey;
    }

    /** A new key; devices with the old one are no longer let in. */
    @Transactional
    public synchronized String newDeviceKey() {
        byte[] random = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(random);
        SettingsRecord stored = store.findById(SettingsRecord.ONLY).orElseThrow();
        stored.deviceKey = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
        return store.saveAndFlush(stored).deviceKey;
    }

    private void check(DepartmentSettings change) {
        if (change.school() == null
                || DepartmentSettings.school(change.school()).isEmpty()) {
            throw Refusal.field("school", "there is no way to weigh called " + change.school());
        }
        if (change.highBias() == null
                || DepartmentSettings.highBias(change.highBias()).isEmpty()) {
            throw Refusal.field("highBias", "expected corrected, asPrinted or leftOut, found " + change.highBias());
        }
        if (!(change.familyOverlap() >= 0 && change.familyOverlap() <= WeighingSettings.MAX_OVERLAP)) {
            throw Refusal.field("familyOverlap", "expected a number from 0 to " + WeighingSettings.MAX_OVERLAP);
        }
        if (!(change.generalOverlap() >= 0 && change.generalOverlap() <= change.familyOverlap())) {
            throw Refusal.field("generalOverlap", "expected a number from 0 to the overlap within a family");
        }
        within("deficitPercent", change.deficitPercent(), 1, MOST_PERCENT);
        within("shortDegrees", change.shortDegrees(), 1, MOST_SHORT_DEGREES);
        within("headStartPercent", change.headStartPercent(), 0, MOST_PERCENT);
        within("lockMinutes", change.lockMinutes(), 1, LONGEST_LOCK_MINUTES);
        within("retentionDays", change.retentionDays(), 0, LONGEST_RETENTION_DAYS);
        checkRecordSystem(change);
        if (change.secondFactor() == null || !SECOND_FACTOR.contains(change.secondFactor())) {
            throw Refusal.field("secondFactor", "expected off, leads or everybody, found " + change.secondFactor());
        }
        if (change.errors() == null) {
            throw Refusal.field("errors", "missing; expected an object, which may be empty");
        }
        change.errors().forEach((reading, error) -> {
            Double most = DepartmentSettings.ERRORS.get(reading);
            if (most == null || error == null) {
                throw Refusal.field(
                        "errors." + reading,
                        "expected a number for one of " + new java.util.TreeSet<>(DepartmentSettings.ERRORS.keySet()));
            }
            within("errors." + reading, error, 0, most);
        });
        if (change.variants() == null) {
            throw Refusal.field("variants", "missing; expected an object, which may be empty");
        }
        change.variants().forEach((test, name) -> {
            if (editions.catalogue().test(test).flatMap(t -> t.variant(name)).isEmpty()) {
                throw Refusal.field("variants." + test, "there is no variant " + name + " of this test");
            }
        });
    }

    private static void checkRecordSystem(DepartmentSettings change) {
        if (change.recordSystem() == null
                || !RecordAddress.isWritten(change.recordSystem().strip())) {
            throw Refusal.field(
                    "recordSystem",
                    "expected an address that begins with https:// (or http:// on this machine), or nothing");
        }
        if (change.insideHost() == null || change.insideHost().length() > LONGEST_HOST) {
            throw Refusal.field("insideHost", "expected the name of a host, or nothing");
        }
        if (!change.recordSystem().isBlank()) {
            try {
                RecordAddress.objection(
                                change.recordSystem().strip(),
                                change.insideHost().strip())
                        .ifPresent(why -> {
                            throw Refusal.field("recordSystem", why);
                        });
            } catch (UnknownHostException e) {
                // It may be known later; it is asked for again before anything is sent.
                return;
            }
        }
    }

    /** What every case hangs on is changed for a reason, as a figure is; for anything else one can be given. */
    private static String reason(DepartmentSettings before, DepartmentSettings change, boolean sure) {
        boolean weighs = !before.school().equals(change.school())
                || !before.highBias().equals(change.highBias())
                || before.familyOverlap() != change.familyOverlap()
                || before.generalOverlap() != change.generalOverlap()
                || before.checkedOnly() != change.checkedOnly()
                || before.retentionDays() != change.retentionDays();
        boolean given = change.why() != null && !change.why().isBlank();
        return weighs || given ? Reasons.of(change.why(), sure) : "";
    }

    private static void within(String field, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw Refusal.field(
                    field, String.format(java.util.Locale.ROOT, "expected a number from %.0f to %.0f", low, high));
        }
    }

    private static DepartmentSettings view(SettingsRecord stored) {
        return new DepartmentSettings(
                stored.version,
                stored.school,
                stored.highBias,
                stored.familyOverlap,
                stored.generalOverlap,
                stored.deficitPercent,
                stored.shortDegrees,
                stored.headStartPercent,
                stored.shareAll,
                stored.lockMinutes,
                stored.retentionDays,
                stored.checkedOnly,
                stored.recordSystem,
                stored.insideHost,
                stored.secondFactor,
                "",
                new TreeMap<>(stored.errors),
                new TreeMap<>(stored.variants));
    }
}
