package vantbreeze.core.structure;

import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** A structure that is made with a maker's allowances. */
public abstract class CatalogueStructure implements Structure {

    /** What the maker allows for. */
    protected final Allowances allowances;
    /** Limits that all structures share. */
    protected final Bounds bounds;

    /** With a maker's allowances. */
    protected CatalogueStructure(Allowances allowances) {
        this.allowances = allowances;
        this.bounds = new Bounds(allowances);
    }

    /** How long a measure is: as somebody said, or as it usually is. */
    protected final Length of(String parameter, Measures measures) {
        return measure(parameter, measures);
    }

    /** As long as the maker allows, whatever the ruler. */
    protected final Length allowed(Allowance.OfLength allowance) {
        return allowances.of(allowance);
    }

    /** As long as the maker allows on a ruler. */
    protected final Length allowed(Allowance.OfLength allowance, Ruler ruler) {
        return allowances.of(allowance, ruler);
    }

    /** A part that nobody chose and is of the same size on every card, on a mark. */
    protected final Length usual(Allowance.OfLength allowance, Measures measures) {
        return measures.marked(allowances.of(allowance, measures.ruler()));
    }
}
