package lexicor.server.catalogue;

import java.util.function.Function;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.context.request.WebRequest;

/** What the browser is told of the content in force: made once an edition, and sent only to who has another. */
final class PerEdition<V> {
    private record Seen<V>(Edition edition, V view) {}

    private final Editions editions;
    private final Function<Edition, V> view;
    private volatile Seen<V> last;

    PerEdition(Editions editions, Function<Edition, V> view) {
        this.editions = editions;
        this.view = view;
    }

    /** A browser that has it asks whether it is still the same, and is told so in a few bytes. */
    ResponseEntity<V> answer(WebRequest request) {
        Edition edition = editions.current();
        CacheControl mayBeKept = CacheControl.noCache().cachePrivate();
        if (request.checkNotModified(edition.version())) {
            return ResponseEntity.status(HttpStatus.NOT_MODIFIED)
                    .cacheControl(mayBeKept)
                    .build();
        }
        Seen<V> seen = last;
        if (seen == null || seen.edition() != edition) {
            seen = new Seen<>(edition, view.apply(edition));
            last = seen;
        }
        return ResponseEntity.ok()
                .cacheControl(mayBeKept)
                .eTag(edition.version())
                .body(seen.view());
    }
}
