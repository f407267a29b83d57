package vantbreeze.core.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fit.SheetYield;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruled;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Sheet;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Parameter;

/** Whether the pieces come out of the sheet, measure on the ruler, and suit the cardstock and its grain. */
record PaperJudge(Workshop workshop, WorkedPlan worked, Words words) {

    /** 220 g/m² is enough to stand when layered on both sides, 300 stands by itself (common practice, no source). */
    private static final int LAYERED_STANDS = 220;
    /** Heavier card cracks in a bundle of many folds; from memory. */
    private static final int HEAVY = 350;

    private static final int MANY_FOLDS = 5;
    /** Card from this weight on cracks when it is folded across its grain; from memory. */
    private static final int GRAIN_MATTERS = 250;

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        for (WorkedPiece piece : worked.pieces()) {
            if (piece.yield() != null && piece.yield().count() == 0) {
                findings.add(sheetTooSmall(piece));
            }
        }
        worked.structure().asked(worked.plan().measures()).forEach(parameter -> {
            Length length = worked.plan().measures().get(parameter.id());
            if (!worked.plan().ruler().marks(length)) {
                findings.add(offRuler(parameter.id(), length));
            }
        });
        weight(findings);
        grain(findings);
        return findings;
    }

    private Finding sheetTooSmall(WorkedPiece piece) {
        SheetYield yield = requireNonNull(piece.yield());
        Sheet sheet = yield.sheet();
        String what = piece.first() == 0 ? "strip" : piece.panels().piece().name();
        String text = "The %s is %s too long for %s.".formatted(what, words.write(yield.missing()), sheet.name());
        Mend pieced = piecing();
        if (pieced != null) {
            return new Finding(Severity.WRONG, "sheet", text, pieced);
        }
        if (worked.plan().isFree()) {
            return new Finding(Severity.WRONG, "sheet", text, null);
        }
        Length widest = workshop.proposals(worked.structure(), worked.plan().ruler(), sheet)
                .widestOfHeight(worked.plan().measures().get(Parameter.HEIGHT));
        boolean narrower = widest.isPositive()
                && widest.isShorterThan(worked.plan().measures().get(Parameter.WIDTH));
        return new Finding(Severity.WRONG, "sheet", text, narrower ? words.atMost(Parameter.WIDTH, widest) : null);
    }

    /** A structure that can be made of more pieces, when the longest of those comes out of the sheet. */
    private @Nullable Mend piecing() {
        for (Choice choice : worked.structure().choices()) {
            for (Choice.Alternative other : choice.alternatives()) {
                if (!choice.id().equals(Choice.MADE)
                        || worked.plan().measures().chosen(choice).equals(other.id())) {
                    continue;
                }
                var measures = worked.structure()
                        .rechosen(
                                worked.plan().measures(),
                                choice.id(),
                                other.id(),
                                worked.plan().ruler());
                Sheet sheet = workshop.sheet(requireNonNull(worked.plan().sheetId()));
                if (worked.structure().assemble(measures).pieces().stream()
                        .allMatch(piece -> SheetYield.of(piece.cutSize(), sheet).count() > 0)) {
                    return Mend.choosing(choice.id(), other.id(), "Make it of " + other.label());
                }
            }
        }
        return null;
    }

    private Finding offRuler(String id, Length length) {
        Ruled mark = worked.plan().ruler().nearest(length);
        String text = "%s is not on a mark of this ruler: the nearest, %s, is %s %s."
                .formatted(
                        words.label(id),
                        words.write(mark.length()),
                        words.exact(mark.drift().abs()),
                        mark.drift().isPositive() ? "more" : "less");
        return new Finding(Severity.NOTE, id, text, words.atMost(id, mark.length()));
    }

    private void weight(List<Finding> findings) {
        int grammage = worked.heft().cardstock().grammage();
        int folds = worked.form().graph().hinges().size();
        if (!worked.structure().lies() && grammage < LAYERED_STANDS) {
            findings.add(new Finding(
                    Severity.NOTE,
                    "cardstock",
                    String.format(
                            Locale.ROOT,
                            "%s is too light for a card that stands: take 300 g/m², or %d if both sides get layers.",
                            worked.heft().cardstock().name(),
                            LAYERED_STANDS),
                    null));
        } else if (grammage >= HEAVY && folds >= MANY_FOLDS) {
            findings.add(new Finding(
                    Severity.NOTE,
                    "cardstock",
                    String.format(
                            Locale.ROOT,
                            "%s is heavy for %d folds that lie on one another: 300 g/m² or less folds crisper.",
                            worked.heft().cardstock().name(),
                            folds),
                    null));
        }
    }

    /**
     * A piece turned on a long-grain sheet has its upright folds across the grain; on a short-grain sheet it is the
     * other way round.
     */
    private void grain(List<Finding> findings) {
        Cardstock stock = worked.heft().cardstock();
        if (stock.grammage() < GRAIN_MATTERS) {
            return;
        }
        boolean isShort = stock.grain() == Cardstock.Grain.SHORT;
        worked.pieces().stream()
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
                .ifPresent(piece -> findings.add(new Finding(
                        Severity.HINT,
                        "sheet",
                        words(stock.grain())
                                .formatted(
                                        requireNonNull(piece.yield()).sheet().name(),
                                        piece.panels().piece().name()),
                        null)));
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
}
