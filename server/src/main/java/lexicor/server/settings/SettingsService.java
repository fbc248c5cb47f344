package lexicor.server.settings;

import jakarta.validation.Validator;
import java.net.UnknownHostException;
import java.security.SecureRandom;
import java.util.Base64;
import lexicor.core.measuring.MeasurementErrors;
import lexicor.server.catalogue.Editions;
import lexicor.server.history.AfterCommit;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.problems.Violations;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Keeps the department's settings. */
@Service
public class SettingsService {
    private static final int KEY_BYTES = 18;

    private final SettingsStore store;
    private final Editions editions;
    private final Validator validator;
    private final JsonMapper json;
    private volatile DepartmentSettings current;

    SettingsService(SettingsStore store, Editions editions, Validator validator, JsonMapper json) {
        this.store = store;
        this.editions = editions;
        this.validator = validator;
        this.json = json;
    }

    /** As they are; asked for many times with every tap, so they are kept until they change. */
    public DepartmentSettings current() {
        DepartmentSettings seen = current;
        if (seen == null) {
            seen = view(store.findById(SettingsRecord.ONLY).orElseThrow());
            current = seen;
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
        ObjectNode kept = (ObjectNode) json.valueToTree(change);
        kept.put("version", 0).put("why", "");
        kept.put("recordSystem", change.recordSystem().strip());
        kept.put("insideHost", change.insideHost().strip());
        stored.settings = json.writeValueAsString(kept);
        DepartmentSettings saved = view(store.saveAndFlush(stored));
        AfterCommit.run(() -> current = saved);
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
        Violations.refuse(validator.validate(change));
        MeasurementErrors.objection(change.errors()).ifPresent(o -> {
            throw Refusal.field("errors." + o.reading(), o.expected());
        });
        change.variants().forEach((test, name) -> {
            if (editions.catalogue().test(test).flatMap(t -> t.variant(name)).isEmpty()) {
                throw Refusal.field("variants." + test, "there is no variant " + name + " of this test");
            }
        });
        checkRecordSystem(change);
    }

    private static void checkRecordSystem(DepartmentSettings change) {
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
        boolean weighs = before.school() != change.school()
                || before.highBias() != change.highBias()
                || before.judgements() != change.judgements()
                || before.familyOverlap() != change.familyOverlap()
                || before.generalOverlap() != change.generalOverlap()
                || before.crossActivation() != change.crossActivation()
                || before.clusterShare() != change.clusterShare()
                || before.checkedOnly() != change.checkedOnly()
                || before.retentionDays() != change.retentionDays();
        boolean given = change.why() != null && !change.why().isBlank();
        return weighs || given ? Reasons.of(change.why(), sure) : "";
    }

    private static DepartmentSettings view(SettingsRecord stored) {
        return SettingsJson.read(stored.settings, stored.version);
    }
}
