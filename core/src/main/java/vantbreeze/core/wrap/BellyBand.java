package vantbreeze.core.wrap;

import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowances;

/**
 * Belly band: a strip about half as high as the card once round the closed stack, glued to itself; round a stack
 * thicker than about 4 mm scored at both of its edges (common practice, no source).
 */
public final class BellyBand extends Banded {

    /** With a maker's allowances. */
    public BellyBand(Allowances allowances) {
        super("Band", allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "belly-band",
                "Belly band",
                "A strip once round the closed card, glued to itself; it slides off.",
                "Cards that spring open, and sets of them.");
    }

    @Override
    public Rank rank() {
        return Rank.BAND;
    }

    @Override
    Length usualStrip(Measures measures) {
        return measures.marked(measures.get(Parameter.HEIGHT).dividedBy(2)).max(bounds.narrowest());
    }
}
