package vantbreeze.core.recipe;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.recipe.Token.Kind;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** Figures without a unit that make no card in that of the ruler: they are most likely in another. */
record BareFigures(Recipe recipe, Ruler ruler, Allowances allowances) {

    /** How they were read, where nothing says the unit and the first piece is smaller or larger than any. */
    Optional<Assumption> assumption() {
        List<Token> figures = recipe.phrases().tokens(Kind.FIGURE).toList();
        boolean isUnitTold = figures.stream().anyMatch(token -> token.figureEnd() < token.end());
        if (isUnitTold || figures.isEmpty() || recipe.pieces().isEmpty() || isOfACard(ruler.unit())) {
            return Optional.empty();
        }
        // a unit behind the first figure is that of those behind it
        List<Rewording> others = Stream.of(LengthUnit.INCH, LengthUnit.CENTIMETRE, LengthUnit.MILLIMETRE)
                .filter(this::isOfACard)
                .map(unit -> Rewording.with(
                        "They are " + inWords(unit),
                        recipe.text(),
                        figures.get(0).end(),
                        " " + unit.sign()))
                .toList();
        return others.isEmpty()
                ? Optional.empty()
                : Optional.of(new Assumption(
                        Assumption.About.UNIT,
                        "Figures without a unit were read in %s.".formatted(inWords(ruler.unit())),
                        others));
    }

    /** Whether the first piece is as large as pieces of cards are when its figures are in this unit. */
    private boolean isOfACard(LengthUnit unit) {
        Length written = recipe.pieces().get(0).size().longSide();
        Length side = Length.ofUnits(
                written.units() * unit.length().units() / ruler.unit().length().units());
        return !side.isShorterThan(allowances.of(Allowance.SMALLEST_SIDE)) && !side.isLongerThan(longestSheet());
    }

    private static Length longestSheet() {
        return Stream.concat(Sheets.published().all().stream().map(StockSheet::size), Sheets.called("ledger").stream())
                .map(Size::longSide)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static String inWords(LengthUnit unit) {
        String name = unit.name().toLowerCase(Locale.ROOT);
        return unit == LengthUnit.INCH ? "inches" : name + "s";
    }
}
