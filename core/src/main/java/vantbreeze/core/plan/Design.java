package vantbreeze.core.plan;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import vantbreeze.core.extra.Extras;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.FreeStructure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.structure.Measures;

/** What folds: a structure of the catalogue in measures of the maker's, or pieces drawn free. */
public sealed interface Design {

    /** Id of the structure. */
    String structureId();

    /** Its measures, exact; none where it is drawn. */
    Measures measures();

    /** Measures that no change of another may move; where it is drawn, panels whose width none may. */
    Set<String> locked();

    /** The same with other things locked. */
    Design withLocked(Set<String> ids);

    /** The same, what nobody chose on the marks of {@code ruler}. */
    Design on(Ruler ruler);

    /**
     * A structure of the catalogue.
     *
     * @param extras what is set on it; its measures are among the card's
     */
    record Parametric(String structureId, Measures measures, Set<String> locked, Extras extras) implements Design {

        public Parametric {
            locked = Collections.unmodifiableSet(new LinkedHashSet<>(locked));
        }

        /** One that carries nothing. */
        public Parametric(String structureId, Measures measures, Set<String> locked) {
            this(structureId, measures, locked, Extras.NONE);
        }

        @Override
        public Parametric withLocked(Set<String> ids) {
            return new Parametric(structureId, measures, ids, extras);
        }

        /** The same with other measures. */
        public Parametric withMeasures(Measures other) {
            return new Parametric(structureId, other, locked, extras);
        }

        /** The same carrying other things. */
        public Parametric withExtras(Extras other) {
            return new Parametric(structureId, measures, locked, other);
        }

        @Override
        public Parametric on(Ruler ruler) {
            return withMeasures(measures.on(ruler));
        }
    }

    /** Drawn free. */
    record Free(FreeCard card, Set<String> locked) implements Design {

        private static final Measures NONE = new Measures(Map.of());

        public Free {
            locked = Collections.unmodifiableSet(new LinkedHashSet<>(locked));
        }

        @Override
        public String structureId() {
            return FreeStructure.ID;
        }

        @Override
        public Measures measures() {
            return NONE;
        }

        @Override
        public Free withLocked(Set<String> ids) {
            return new Free(card, ids);
        }

        @Override
        public Free on(Ruler ruler) {
            return this;
        }
    }
}
