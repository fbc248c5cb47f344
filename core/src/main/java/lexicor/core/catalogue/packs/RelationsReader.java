package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Relations;
import lexicor.core.catalogue.Relations.Kin;
import lexicor.core.document.Entry;

/** Reads how conditions stand to each other: what is part of what, and what has to be settled before what. */
final class RelationsReader {
    private RelationsReader() {}

    static void read(Entry file, Content content) {
        List<Kin> kin = new ArrayList<>();
        Entry wholes = file.child("kin");
        wholes.fieldNames().forEach(whole -> wholes.texts(whole).forEach(part -> kin.add(new Kin(whole, part))));
        wholes.done();
        Map<String, List<String>> first = new LinkedHashMap<>();
        Entry settle = file.child("settleFirst");
        settle.fieldNames().forEach(condition -> first.put(condition, settle.texts(condition)));
        settle.done();
        file.done();
        content.relations = new Relations(kin, first);
    }
}
