package vantbreeze.core.structure;

import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** A structure of the catalogue, made with a maker's allowances. */
abstract class CatalogueStructure implements Structure {

    final Allowances allowances;
    /** Limits that all structures share. */
    final Bounds bounds;

    CatalogueStructure(Allowances allowances) {
        this.allowances = allowances;
        this.bounds = new Bounds(allowances);
    }

    /** How long a measure is: as somebody said, or as it usually is. */
    final Length of(String parameter, Measures measures) {
        return measure(parameter, measures);
    }

    /** As long as the maker allows, whatever the ruler. */
    final Length allowed(Allowance.OfLength allowance) {
        return allowances.of(allowance);
    }

    /** As long as the maker allows on a ruler. */
    final Length allowed(Allowance.OfLength allowance, Ruler ruler) {
        return allowances.of(allowance, ruler);
    }

    /** A part that nobody chose and is of the same size on every card, on a mark. */
    final Length usual(Allowance.OfLength allowance, Measures measures) {
        return measures.marked(allowances.of(allowance, measures.ruler()));
    }
}
