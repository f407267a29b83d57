package vantbreeze.core.wrap;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.fit.Girth;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;

/** The wraps to choose from, and what a closed card makes of them. */
public final class Wraps {

    private static final Catalogue USUAL = Catalogue.of(
            List.of(
                    BellyBand::new,
                    Sleeve::new,
                    RectangleEnvelope::new,
                    SquareEnvelope::new,
                    BoxEnvelope::new,
                    Liner::new,
                    PocketPage::new,
                    Tag::new),
            Allowances.usual());

    private Wraps() {}

    /** Every wrap of the house, with the usual allowances of the trade. */
    public static Catalogue all() {
        return USUAL;
    }

    /** Why no wrap of the house goes round a card, in words; nothing where they do. */
    public static Optional<String> objection(ClosedCard card) {
        double most = WrapStructure.THICKEST.millimetres();
        return card.thickness() <= most
                ? Optional.empty()
                : Optional.of(String.format(
                        Locale.ROOT,
                        "The closed card is %.0f mm thick, and no wrap goes round more than %.0f mm. Take foam or "
                                + "layers out, or send it in a carton.",
                        Math.ceil(card.thickness()),
                        most));
    }

    /**
     * The measures of a wrap round a card: what the card gives, to the tenth of a millimetre above, and what the maker
     * said. What is cut follows from them on the marks above. A bump in the middle takes less of the way round than one
     * that is as thick at its edges.
     *
     * <p>What the maker said and can't be any more round this card is brought to the nearest mark that can, and if that
     * does not help follows again: a wrap never stands in the way of its card.
     *
     * @param besides what other wraps of the card give besides the card
     * @param before what the maker said, and what it held before
     * @param kept measures that the maker holds: the card does not change them
     * @see Girth
     */
    public static Measures round(
            WrapStructure wrap, ClosedCard card, Measures besides, Measures before, Set<String> kept, Ruler ruler) {
        Girth girth = Girth.of(card);
        // in the order of its parameters, so that documents list them the same way in every run
        Map<String, Length> given = new LinkedHashMap<>();
        given.put(Parameter.WIDTH, card.footprint().width());
        given.put(Parameter.HEIGHT, card.footprint().height());
        given.put(WrapStructure.BULK, above(girth.thickness()));
        given.put(
                WrapStructure.HALF_ACROSS,
                above(girth.across()).max(card.footprint().width()));
        given.put(WrapStructure.HALF_UP, above(girth.up()).max(card.footprint().height()));
        given.putAll(besides.byId());
        Measures after = before.on(ruler);
        for (String id : wrap.given()) {
            after = given.containsKey(id) || isKept(id, before, kept) ? after : after.without(id);
        }
        for (Map.Entry<String, Length> one : given.entrySet()) {
            after = isKept(one.getKey(), before, kept) ? after : after.with(one.getKey(), one.getValue());
        }
        for (Map.Entry<String, String> chosen : besides.choices().entrySet()) {
            after = before.choices().containsKey(chosen.getKey())
                    ? after
                    : after.choosing(chosen.getKey(), chosen.getValue());
        }
        after = following(WrapStructure.HALF_ACROSS, Parameter.WIDTH, after, kept);
        after = following(WrapStructure.HALF_UP, Parameter.HEIGHT, after, kept);
        return fitting(wrap, after, given, ruler);
    }

    private static boolean isKept(String id, Measures before, Set<String> kept) {
        return kept.contains(id) && before.says(id);
    }

    /** Where the maker holds a side, half the way round follows from it and not from the card. */
    private static Measures following(String half, String side, Measures measures, Set<String> kept) {
        return isKept(side, measures, kept) && !kept.contains(half) ? measures.without(half) : measures;
    }

    private static Measures fitting(Structure wrap, Measures asked, Map<String, Length> given, Ruler ruler) {
        Measures fitting = asked;
        for (Parameter parameter : wrap.asked(asked)) {
            if (!parameter.isLeftTo(fitting)) {
                Length said = fitting.get(parameter.id());
                fitting = fitting.with(
                        parameter.id(), wrap.limits(parameter.id(), fitting).nearest(said, ruler));
            }
        }
        if (wrap.allows(fitting)) {
            return fitting;
        }
        Measures usual = asked.withoutAll(id -> wrap.parameter(id).isPresent());
        for (Map.Entry<String, Length> one : given.entrySet()) {
            usual = usual.with(one.getKey(), one.getValue());
        }
        return usual;
    }

    private static Length above(double millimetres) {
        return Length.nearest(Math.ceil(millimetres * 10 - Precision.ROUNDING) / 10);
    }
}
