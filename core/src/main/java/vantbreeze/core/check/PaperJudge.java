package vantbreeze.core.check;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.cutting.Blanks;
import vantbreeze.core.cutting.SheetYield;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruled;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.tool.Allowance;

/** Whether the pieces come out of the sheet, measure on the ruler, and suit the cardstock and its grain. */
record PaperJudge(CheckedCard card, Words words) {

    private static final Kind SHEET = Kind.wrong("sheet-too-small");
    private static final Kind OFF_RULER = Kind.note("off-the-ruler");
    private static final Kind TOO_LIGHT = Kind.note("card-too-light");
    private static final Kind TOO_HEAVY = Kind.note("card-too-heavy");
    private static final Kind GRAIN = Kind.hint("across-the-grain");

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        for (WorkedPiece piece : card.pieces()) {
            if (piece.yield() != null && piece.yield().count() == 0) {
                findings.add(sheetTooSmall(piece));
            }
        }
        card.structure().asked(card.measures()).forEach(parameter -> {
            Length length = card.structure().measure(parameter.id(), card.measures());
            if (!parameter.isLeftTo(card.measures()) && !card.ruler().marks(length)) {
                findings.add(offRuler(parameter.id(), length));
            }
        });
        weight(findings);
        grain(findings);
        return findings;
    }

    private Finding sheetTooSmall(WorkedPiece piece) {
        SheetYield yield = requireNonNull(piece.yield());
        StockSheet sheet = yield.sheet();
        String what = piece.first() == 0 ? "strip" : piece.panels().piece().name();
        String text = "The %s is %s too long for %s.".formatted(what, words.write(yield.missing()), sheet.name());
        Mend pieced = piecing();
        if (pieced != null) {
            return SHEET.of("sheet", text).mendedBy(pieced);
        }
        if (card.isFree()) {
            return SHEET.of("sheet", text);
        }
        Length widest = card.proposals(sheet).widestOfHeight(card.measures().get(Parameter.HEIGHT));
        boolean narrower =
                widest.isPositive() && widest.isShorterThan(card.measures().get(Parameter.WIDTH));
        return SHEET.of("sheet", text).mendedBy(narrower ? words.atMost(Parameter.WIDTH, widest) : null);
    }

    /** A structure that can be made of more pieces, when the longest of those comes out of the sheet. */
    private @Nullable Mend piecing() {
        for (Choice choice : card.structure().choices()) {
            for (Choice.Alternative other : choice.alternatives()) {
                if (!choice.id().equals(Choice.MADE)
                        || card.measures().chosen(choice).equals(other.id())) {
                    continue;
                }
                var measures = card.structure().rechosen(card.measures(), choice.id(), other.id(), card.ruler());
                StockSheet sheet = requireNonNull(card.sheet());
                if (Blanks.ofPieces(card.structure().assemble(measures).pieces()).all().stream()
                        .allMatch(blank -> SheetYield.of(blank, sheet).count() > 0)) {
                    return Mend.choosing(choice.id(), other.id(), "Make it of " + other.label());
                }
            }
        }
        return null;
    }

    private Finding offRuler(String id, Length length) {
        Ruled mark = card.ruler().nearest(length);
        String text = "%s is not on a mark of this ruler: the nearest, %s, is %s %s."
                .formatted(
                        words.label(id),
                        words.write(mark.length()),
                        words.exact(mark.drift().abs()),
                        mark.drift().isPositive() ? "more" : "less");
        return OFF_RULER.of(id, text).mendedBy(words.atMost(id, mark.length()));
    }

    private void weight(List<Finding> findings) {
        int grammage = card.cardstock().grammage();
        int folds = card.form().graph().hinges().size();
        if (!card.structure().lies() && grammage < allowed(Allowance.LAYERED_STANDS)) {
            findings.add(TOO_LIGHT.of(
                    "cardstock",
                    String.format(
                            Locale.ROOT,
                            "%s is too light for a card that stands: take %d g/m², or %d if both sides get layers.",
                            card.cardstock().name(),
                            allowed(Allowance.STANDS),
                            allowed(Allowance.LAYERED_STANDS))));
        } else if (grammage >= allowed(Allowance.HEAVY) && folds >= allowed(Allowance.MANY_FOLDS)) {
            findings.add(TOO_HEAVY.of(
                    "cardstock",
                    String.format(
                            Locale.ROOT,
                            "%s is heavy for %d folds that lie on one another: %d g/m² or less folds crisper.",
                            card.cardstock().name(),
                            folds,
                            allowed(Allowance.STANDS))));
        }
    }

    /**
     * A piece turned on a long-grain sheet has its upright folds across the grain; on a short-grain sheet it is the
     * other way round.
     */
    private void grain(List<Finding> findings) {
        Cardstock stock = card.cardstock();
        if (stock.grammage() < allowed(Allowance.GRAIN_MATTERS)) {
            return;
        }
        boolean isShort = stock.grain() == Cardstock.Grain.SHORT;
        card.pieces().stream()
                .filter(piece -> piece.yield() != null
                        && piece.yield().count() > 0
                        && piece.yield().turned() != isShort
                        && !piece.scores().isEmpty()
                        && !piece.yield()
                                .sheet()
                                .size()
                                .width()
                                .equals(piece.yield().sheet().size().height()))
                .findFirst()
                .ifPresent(piece -> findings.add(GRAIN.of(
                        "sheet",
                        words(stock.grain())
                                .formatted(
                                        requireNonNull(piece.yield()).sheet().name(),
                                        piece.panels().piece().name()))));
    }

    private static String words(Cardstock.Grain grain) {
        return switch (grain) {
            case UNKNOWN ->
                "Cut from %s this way, %s is folded across the grain if the sheet is long grain: score "
                        + "it well, or take a short-grain sheet.";
            case LONG ->
                "Cut from %s this way, %s is folded across its long grain: score it well, or take a short-grain sheet.";
            case SHORT ->
                "Cut from %s this way, %s is folded across its short grain: score it well, or take a long-grain sheet.";
        };
    }

    private int allowed(Allowance.OfNumber allowance) {
        return (int) Math.round(card.tools().allowances().of(allowance));
    }
}
