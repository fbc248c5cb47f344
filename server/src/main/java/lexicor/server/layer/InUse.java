package lexicor.server.layer;

import lexicor.core.catalogue.packs.PackEntry;

/** Whether something recorded refers to an entry of the content, so that it cannot go. */
public interface InUse {
    boolean isInUse(PackEntry.Kind kind, String id);
}
