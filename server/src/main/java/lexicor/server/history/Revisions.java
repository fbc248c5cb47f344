package lexicor.server.history;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.hibernate.envers.AuditReaderFactory;
import org.hibernate.envers.RevisionType;
import org.hibernate.envers.query.AuditEntity;
import org.hibernate.envers.query.AuditQuery;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reads back what was stored at every change. */
@Component
public class Revisions {
    private final EntityManager entities;

    Revisions(EntityManager entities) {
        this.entities = entities;
    }

    /**
     * Every change of the entities whose property has a value, the oldest first.
     *
     * @param key tells entities apart; those with the same key are one thing over time
     * @param flat what an entity holds, in words
     */
    @Transactional(readOnly = true)
    public <E> List<Revised> of(
            Class<E> type,
            String property,
            Object value,
            Function<E, String> key,
            Function<E, Map<String, String>> flat) {
        AuditQuery query = AuditReaderFactory.get(entities)
                .createQuery()
                .forRevisionsOfEntity(type, false, true)
                .add(AuditEntity.property(property).eq(value))
                .addOrder(AuditEntity.revisionNumber().asc());
        Map<String, Map<String, String>> seen = new HashMap<>();
        List<Revised> all = new ArrayList<>();
        for (Step<E> step : steps(query, type)) {
            String of = key.apply(step.entity());
            Map<String, String> after = step.gone() ? Map.of() : flat.apply(step.entity());
            Map<String, String> before = seen.getOrDefault(of, Map.of());
            seen.put(of, after);
            Revised revised =
                    new Revised(step.revision().id, step.revision().changedAt, step.revision().person, before, after);
            if (!revised.lines().isEmpty()) {
                all.add(revised);
            }
        }
        return all;
    }

    /**
     * Entities of the department whose changes are read from the latest on.
     *
     * @param keyProperty the property that tells entities apart; those with the same value are one thing over time
     * @param key its value
     * @param flat what an entity holds, in words
     * @param last what counts once one was taken away
     * @param covered what was there before the first of them
     */
    public record Things<E>(
            Class<E> type,
            String keyProperty,
            Function<E, Object> key,
            Function<E, Map<String, String>> flat,
            Function<E, Map<String, String>> last,
            Function<E, Map<String, String>> covered) {
        /** Things that cover nothing. */
        public static <E> Things<E> of(
                Class<E> type, String keyProperty, Function<E, Object> key, Function<E, Map<String, String>> flat) {
            return new Things<>(type, keyProperty, key, flat, e -> Map.of(), e -> Map.of());
        }
    }

    private record Step<E>(E entity, RevisionRecord revision, boolean gone) {}

    /** An entity as it was stored with a change, and what the change was. */
    public record Found<E>(E entity, Revised revised) {}

    /** The latest changes of such things, the latest first, and no more of them than are asked for. */
    @Transactional(readOnly = true)
    public <E> List<Found<E>> latest(Things<E> things, int most) {
        List<Found<E>> found = new ArrayList<>();
        int from = 0;
        boolean all;
        do {
            List<Step<E>> steps = steps(query(things).setFirstResult(from).setMaxResults(most), things.type());
            all = steps.size() < most;
            List<Step<E>> before = before(things, steps, from == 0 && all);
            for (int i = 0; i < steps.size() && found.size() < most; i++) {
                Step<E> step = steps.get(i);
                Map<String, String> was =
                        before.get(i) == null ? things.covered().apply(step.entity()) : after(things, before.get(i));
                Revised revised = new Revised(
                        step.revision().id,
                        step.revision().changedAt,
                        step.revision().person,
                        was,
                        after(things, step));
                if (!revised.lines().isEmpty()) {
                    found.add(new Found<>(step.entity(), revised));
                }
            }
            from += steps.size();
        } while (found.size() < most && !all);
        return found;
    }

    private static <E> Map<String, String> after(Things<E> things, Step<E> step) {
        return step.gone() ? things.last().apply(step.entity()) : things.flat().apply(step.entity());
    }

    /**
     * The step before each, which may lie further back than what was read; null where there is none.
     *
     * @param all whether nothing lies further back
     */
    private <E> List<Step<E>> before(Things<E> things, List<Step<E>> steps, boolean all) {
        Map<Object, Step<E>> last = new HashMap<>();
        List<Step<E>> before = new ArrayList<>(Collections.nCopies(steps.size(), null));
        for (int i = steps.size() - 1; i >= 0; i--) {
            Step<E> step = steps.get(i);
            Object key = things.key().apply(step.entity());
            Step<E> earlier = last.put(key, step);
            before.set(i, earlier == null && !all ? stored(things, key, step) : earlier);
        }
        return before;
    }

    private <E> Step<E> stored(Things<E> things, Object key, Step<E> step) {
        return steps(
                        query(things)
                                .add(AuditEntity.property(things.keyProperty()).eq(key))
                                .add(AuditEntity.revisionNumber().lt(step.revision().id))
                                .setMaxResults(1),
                        things.type())
                .stream()
                .findFirst()
                .orElse(null);
    }

    private <E> AuditQuery query(Things<E> things) {
        return AuditReaderFactory.get(entities)
                .createQuery()
                .forRevisionsOfEntity(things.type(), false, true)
                .addOrder(AuditEntity.revisionNumber().desc());
    }

    private static <E> List<Step<E>> steps(AuditQuery query, Class<E> type) {
        List<Step<E>> steps = new ArrayList<>();
        for (Object row : query.getResultList()) {
            Object[] parts = (Object[]) row;
            steps.add(new Step<>(type.cast(parts[0]), (RevisionRecord) parts[1], parts[2] == RevisionType.DEL));
        }
        return steps;
    }
}
