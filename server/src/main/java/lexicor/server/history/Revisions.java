package lexicor.server.history;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
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
     * @param property empty for all entities of the type
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
        return of(type, property, value, key, flat, e -> Map.of(), e -> Map.of());
    }

    /**
     * The same for entities that cover something: what they replace when they come, and what counts when they are gone.
     *
     * @param last what is said of one that was taken away, for example why
     * @param covered what was there before the first of them
     */
    @Transactional(readOnly = true)
    public <E> List<Revised> of(
            Class<E> type,
            String property,
            Object value,
            Function<E, String> key,
            Function<E, Map<String, String>> flat,
            Function<E, Map<String, String>> last,
            Function<E, Map<String, String>> covered) {
        AuditQuery query = AuditReaderFactory.get(entities)
                .createQuery()
                .forRevisionsOfEntity(type, false, true)
                .addOrder(AuditEntity.revisionNumber().asc());
        if (!property.isEmpty()) {
            query.add(AuditEntity.property(property).eq(value));
        }
        Map<String, Map<String, String>> seen = new HashMap<>();
        List<Revised> all = new ArrayList<>();
        for (Object row : query.getResultList()) {
            Object[] parts = (Object[]) row;
            E entity = type.cast(parts[0]);
            RevisionRecord revision = (RevisionRecord) parts[1];
            Map<String, String> after = parts[2] == RevisionType.DEL ? last.apply(entity) : flat.apply(entity);
            Map<String, String> before =
                    seen.containsKey(key.apply(entity)) ? seen.get(key.apply(entity)) : covered.apply(entity);
            seen.put(key.apply(entity), after);
            Revised revised = new Revised(revision.id, revision.changedAt, revision.person, before, after);
            if (!revised.lines().isEmpty()) {
                all.add(revised);
            }
        }
        return all;
    }
}
