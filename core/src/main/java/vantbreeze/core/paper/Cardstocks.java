package vantbreeze.core.paper;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The cardstocks that can be chosen from.
 *
 * @param byId as plans name them
 */
public record Cardstocks(Map<String, Cardstock> byId) {

    /** Taken when a plan names none: 300 g/m² stands by itself (common practice, no source). */
    public static final String USUAL = "card-300";

    public Cardstocks {
        byId = Collections.unmodifiableMap(new LinkedHashMap<>(byId));
    }

    /** Weights in common use, thickness by {@link Cardstock#USUAL_BULK}; common practice, no source. */
    public static Cardstocks usual() {
        Map<String, Cardstock> all = new LinkedHashMap<>();
        for (int grammage : new int[] {300, 350, 250, 220, 160, 120}) {
            String kind = grammage < 200 ? "paper" : "card";
            all.put(
                    String.format(Locale.ROOT, "%s-%d", kind, grammage),
                    Cardstock.of(String.format(Locale.ROOT, "%d g/m² %s", grammage, kind), grammage));
        }
        return new Cardstocks(all);
    }

    /** These and one's own. */
    public Cardstocks and(Map<String, Cardstock> own) {
        Map<String, Cardstock> all = new LinkedHashMap<>(byId);
        all.putAll(own);
        return new Cardstocks(all);
    }

    /** The cardstock with this id. */
    public Optional<Cardstock> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }
}
