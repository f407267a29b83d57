package vantbreeze.core.recognition;

import java.util.List;
import vantbreeze.core.fold.LruCache;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;

/** Recognisers that were looked up once: a catalogue is gone through in about a second. */
public final class Recognisers {

    private static final LruCache<Key, Recogniser> KNOWN = new LruCache<>(4);

    private record Key(List<String> structures, Allowances allowances) {}

    private Recognisers() {}

    /** For the structures of a catalogue, made with these allowances. */
    public static Recogniser of(Catalogue catalogue, Allowances allowances) {
        List<String> ids = catalogue.all().stream().map(Structure::id).toList();
        return KNOWN.of(new Key(ids, allowances), () -> new Recogniser(catalogue));
    }
}
