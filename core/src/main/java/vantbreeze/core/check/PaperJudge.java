package vantbreeze.core.check;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.Blanks;
import vantbreeze.core.cutting.SheetYield;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.tool.Allowance;

/** Whether the pieces come out of the sheet, measure on the ruler, and suit the cardstock and its grain. */
record PaperJudge(CheckedCard card, Words words) {

    private static final Kind SHEET = Kind.mustFix("sheet-too-small");
    private static final Kind LAYER_TOO_LARGE = Kind.mustFix("layer-larger-than-sheet");
    private static final Kind OFF_RULER = Kind.tip("off-the-ruler");
    private static final Kind TOO_LIGHT = Kind.check("card-too-light");
    private static final Kind TOO_HEAVY = Kind.check("card-too-heavy");
    private static final Kind GRAIN = Kind.tip("across-the-grain");

    /** What a finding about measures off the marks is about, where there are several. */
    private static final String RULER = "ruler";

    private static final int NAMED = 4;

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        for (WorkedPiece piece : card.pieces()) {
            if (piece.yield() != null && piece.yield().count() == 0) {
                findings.add(sheetTooSmall(piece));
            }
        }
        offRuler().ifPresent(findings::add);
        weight(findings);
        grain(findings);
        layers(findings);
        return findings;
    }

    private Finding sheetTooSmall(WorkedPiece piece) {
        SheetYield yield = requireNonNull(piece.yield());
        StockSheet sheet = yield.sheet();
        String text =
                ("%s is %s too long for a sheet of %s. Take a larger sheet, make the card smaller, or join it from"
                                + " parts where you cut it.")
                        .formatted(
                                words.pieceFirst(piece.panels().piece()), words.least(yield.missing()), sheet.name());
        Mend pieced = piecing();
        if (pieced != null) {
            return SHEET.of("sheet", text).mendedBy(pieced);
        }
        if (card.isFree() || !card.structure().isSetByMarks(Parameter.WIDTH)) {
            return SHEET.of("sheet", text);
        }
        return SHEET.of("sheet", text).mendedBy(narrower(sheet));
    }

    /** As wide as comes out of the sheet. */
    private @Nullable Mend narrower(StockSheet sheet) {
        Length now = card.measures().get(Parameter.WIDTH);
        long out = 0;
        Length least = card.structure().limits(Parameter.WIDTH, card.measures()).least(card.ruler());
        long comes = now.minus(least).timesContaining(card.ruler().division());
        while (comes - out > 1) {
            long middle = (comes + out) / 2;
            if (comesOut(card.ruler().moved(now, (int) -middle), sheet)) {
                comes = middle;
            } else {
                out = middle;
            }
        }
        Length widest = card.ruler().moved(now, (int) -comes);
        return comesOut(widest, sheet) ? words.atMost(Parameter.WIDTH, widest) : null;
    }

    private boolean comesOut(Length width, StockSheet sheet) {
        return card.changing(Parameter.WIDTH, width)
                .map(measures -> comesOut(measures, sheet))
                .orElse(false);
    }

    private boolean comesOut(Measures measures, StockSheet sheet) {
        return Blanks.ofPieces(card.structure().assemble(measures).pieces()).all().stream()
                .allMatch(blank -> SheetYield.of(blank, sheet).count() > 0);
    }

    /** A structure that can be made of more pieces, when the longest of those comes out of the sheet. */
    private @Nullable Mend piecing() {
        for (Choice choice : card.structure().choices()) {
            for (Choice.Alternative other : choice.alternatives()) {
                if (!choice.id().equals(Choice.MADE)
                        || card.measures().chosen(choice).equals(other.id())) {
                    continue;
                }
                StockSheet sheet = requireNonNull(card.sheet());
                if (card.choosing(choice.id(), other.id())
                        .filter(measures -> comesOut(measures, sheet))
                        .isPresent()) {
                    return Mend.choosing(choice.id(), other.id(), "Make it of " + other.label());
                }
            }
        }
        return null;
    }

    /** Measures that somebody typed and that lie on no mark, all in one; one alone is mended at a click. */
    private Optional<Finding> offRuler() {
        List<Parameter> off = card.structure().asked(card.measures()).stream()
                .filter(parameter -> card.structure().isSetByMarks(parameter.id()))
                .filter(parameter -> !parameter.isLeftTo(card.measures()))
                .filter(parameter -> !card.ruler().marks(length(parameter)))
                .toList();
        if (off.isEmpty()) {
            return Optional.empty();
        }
        String which = Words.list(off.stream()
                .map(parameter -> "%s (%s)".formatted(parameter.inSentence(), exactly(length(parameter))))
                .toList());
        if (off.size() > 1) {
            return Optional.of(OFF_RULER.of(
                    RULER,
                    "Between two marks of this ruler lie %s. Round them to its marks, or choose another ruler."
                            .formatted(which)));
        }
        Length mark = card.ruler().nearest(length(off.get(0))).length();
        return Optional.of(OFF_RULER
                .of(
                        off.get(0).id(),
                        "Between two marks of this ruler lies %s: the nearest mark is %s."
                                .formatted(which, words.write(mark)))
                .mendedBy(words.atMost(off.get(0).id(), mark)));
    }

    private Length length(Parameter parameter) {
        return card.structure().measure(parameter.id(), card.measures());
    }

    private String exactly(Length length) {
        Figure figure = Figure.of(length, card.ruler());
        return figure.exactly().orElse(figure.inWords());
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
        } else if (grammage >= allowed(Allowance.HEAVY)) {
            List<String> narrow = springs();
            if (!narrow.isEmpty()) {
                findings.add(TOO_HEAVY.of(
                        "cardstock",
                        String.format(
                                Locale.ROOT,
                                "%s is heavy for %s, which %s narrow between two folds: it cracks there. Cut %s from "
                                        + "card of %d g/m² or less.",
                                card.cardstock().name(),
                                Words.list(narrow),
                                narrow.size() == 1 ? "is" : "are",
                                narrow.size() == 1 ? "it" : "them",
                                allowed(Allowance.LAYERED_STANDS))));
            } else if (folds >= allowed(Allowance.MANY_FOLDS)) {
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
    }

    /** Panels of the card's own cardstock that are narrow between two folds: springs, struts, the walls of a tube. */
    private List<String> springs() {
        FoldGraph graph = card.form().graph();
        Length narrow = card.tools().allowances().of(Allowance.TAB, card.ruler());
        return IntStream.range(0, graph.panels().size())
                .filter(panel -> card.stocks().get(graph.pieceOf().get(panel)).equals(card.cardstock()))
                .filter(panel -> graph.hinges().stream()
                                .filter(link -> link.from() == panel || link.to() == panel)
                                .filter(link -> link.hinge().line().isUpright())
                                .count()
                        >= 2)
                .filter(panel -> !graph.panels().get(panel).width().isLongerThan(narrow))
                .mapToObj(words::name)
                .limit(NAMED)
                .toList();
    }

    /** A piece that is folded across the grain the way it lies on its sheet; turned it may fold along it. */
    private void grain(List<Finding> findings) {
        Cardstock stock = card.cardstock();
        StockSheet sheet = card.sheet();
        if (sheet == null
                || stock.grammage() < allowed(Allowance.GRAIN_MATTERS)
                || sheet.size().width().equals(sheet.size().height())) {
            return;
        }
        card.pieces().stream()
                .filter(piece -> isAcross(piece, stock))
                .findFirst()
                .ifPresent(piece -> findings.add(GRAIN.of("sheet", across(piece, stock, sheet))));
    }

    /** The grain runs up the sheet as it stands, or across it where it is short. */
    private boolean isAcross(WorkedPiece piece, Cardstock stock) {
        SheetYield yield = piece.yield();
        if (yield == null || yield.count() == 0) {
            return false;
        }
        boolean grainUpThePiece = yield.turned() == (stock.grain() == Cardstock.Grain.SHORT);
        return (!piece.scores().isEmpty() && piece.turned().isEmpty() && !grainUpThePiece)
                || (piece.scores().isEmpty() && !piece.turned().isEmpty() && grainUpThePiece);
    }

    private String across(WorkedPiece piece, Cardstock stock, StockSheet sheet) {
        SheetYield yield = requireNonNull(piece.yield());
        int turned = SheetYield.lying(piece.cut(), sheet, !yield.turned()).count();
        String known =
                stock.grain() == Cardstock.Grain.UNKNOWN ? ", if that runs along the sheet as it mostly does" : "";
        String instead = turned > 0
                ? String.format(
                        Locale.ROOT,
                        "Turn it a quarter: %d come%s from a sheet then, not %d",
                        turned,
                        turned == 1 ? "s" : "",
                        yield.count())
                : "Score it well, or take a sheet with the grain the other way";
        return "The way it comes from %s, %s is folded across the grain%s: heavy card cracks. %s."
                .formatted(sheet.name(), words.piece(piece.panels().piece()), known, instead);
    }

    /** Layers that no sheet of their paper has room for. */
    private void layers(List<Finding> findings) {
        for (Blank blank : card.blanks().all()) {
            if (blank.isOfPiece()) {
                continue;
            }
            List<StockSheet> sheets = card.sheetsOf(blank.stockId());
            if (sheets.stream().noneMatch(one -> SheetYield.of(blank, one).count() > 0)) {
                findings.add(LAYER_TOO_LARGE.of(
                        LayerJudge.ABOUT,
                        ("A layer of %s comes from no sheet of %s. Take another paper, or piece it where the "
                                        + "join does not show.")
                                .formatted(
                                        words.size(
                                                blank.size().width(),
                                                blank.size().height()),
                                        blank.stock().name())));
            }
        }
    }

    private int allowed(Allowance.OfNumber allowance) {
        return (int) Math.round(card.tools().allowances().of(allowance));
    }
}
