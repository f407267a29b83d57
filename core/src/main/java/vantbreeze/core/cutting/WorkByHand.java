package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vantbreeze.core.cutting.CutStep.Fallen;
import vantbreeze.core.cutting.CutStep.Kind;
import vantbreeze.core.cutting.CutStep.What;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Tools;

/** What no trimmer does: blanks that share a rectangle, runs, outlines, slits, pieces joined from parts. */
final class WorkByHand {

    private final PaperPlan plan;
    private final Tools tools;
    private final Ruler ruler;
    private final int before;
    private final List<CutStep> steps = new ArrayList<>();

    /** @param before how many steps come before these */
    private WorkByHand(PaperPlan plan, Tools tools, Ruler ruler, int before) {
        this.plan = plan;
        this.tools = tools;
        this.ruler = ruler;
        this.before = before;
    }

    /**
     * What is left to do once all cuts of a plan are made.
     *
     * @param before how many steps come before these
     */
    static List<CutStep> steps(PaperPlan plan, Tools tools, Ruler ruler, int before) {
        WorkByHand work = new WorkByHand(plan, tools, ruler, before);
        work.all();
        return List.copyOf(work.steps);
    }

    private void all() {
        plan.lots().stream()
                .filter(Lot::isNested)
                .forEach(lot -> add(
                        Kind.OUTLINE,
                        lot.name(plan.blanks()),
                        blanksOf(lot),
                        "From each rectangle of %s: %s, laid on as drawn and cut out with scissors or a knife"
                                .formatted(write(lot.size()), lot.name(plan.blanks()))));
        for (int i = 0; i < plan.blanks().size(); i++) {
            Blank blank = plan.blanks().get(i);
            apart(i, blank);
            outline(i, blank);
            for (DrawnMark slit : blank.slits()) {
                slit(i, blank, slit);
            }
        }
        for (int i = 0; i < plan.blanks().size(); i++) {
            joined(i, plan.blanks().get(i));
        }
    }

    /** A part of a piece, glued under the part before it. */
    private void joined(int number, Blank blank) {
        blank.under()
                .ifPresent(under -> add(
                        Kind.JOIN,
                        blank.name(),
                        List.of(number),
                        ("Glue %s of %s, face up, under the %s of the part before it: the edges beside the seam in one"
                                        + " line along a rule. Score and fold only then")
                                .formatted(
                                        under.upright()
                                                ? "the left %s".formatted(write(under.overlap()))
                                                : "the lowest %s".formatted(write(under.overlap())),
                                        blank.name(),
                                        under.upright() ? "right end" : "upper end")));
    }

    private static List<Integer> blanksOf(Lot lot) {
        return lot.parts().stream().map(Lot.InLot::blank).distinct().toList();
    }

    private void apart(int number, Blank blank) {
        if (blank.uses().get(0) instanceof Blank.OfRun run) {
            List<String> sizes = run.sizes().stream().map(this::write).toList();
            String parts = sizes.stream().distinct().count() == 1
                    ? String.format(Locale.ROOT, "%d of %s", sizes.size(), sizes.get(0))
                    : String.join(", ", sizes);
            add(
                    Kind.APART,
                    blank.name(),
                    List.of(number),
                    "Cut %s into %s, from the left, and keep them in that order: the pattern runs on"
                            .formatted(blank.name(), parts));
        }
    }

    private void outline(int number, Blank blank) {
        if (blank.outline().isRectangle()) {
            return;
        }
        String how = new HowCut(ruler, tools.dies())
                .of(blank.outline())
                .orElse("print it at true size or draw it on, and cut along it");
        String mirrored = blank.mirror() > 0 && isAlikeBothSides(blank)
                ? String.format(
                        Locale.ROOT,
                        "; number %d is its mirror image: lay them face to face and cut both at once",
                        blank.mirror())
                : "";
        add(
                Kind.OUTLINE,
                blank.name(),
                List.of(number),
                "Cut the outline of %s: %s%s".formatted(blank.name(), how, mirrored));
    }

    private static boolean isAlikeBothSides(Blank blank) {
        return blank.stock().pattern() == Cardstock.Pattern.PLAIN
                && blank.stock().colour().equals(blank.stock().look().back());
    }

    private void slit(int number, Blank blank, DrawnMark slit) {
        Spot from = slit.from();
        Spot to = slit.to();
        String where;
        if (from.x().equals(to.x())) {
            where = "at %s from its left, from %s to %s from its foot"
                    .formatted(
                            write(from.x()),
                            write(from.y().min(to.y())),
                            write(from.y().max(to.y())));
        } else if (from.y().equals(to.y())) {
            where = "at %s from its foot, from %s to %s from its left"
                    .formatted(
                            write(from.y()),
                            write(from.x().min(to.x())),
                            write(from.x().max(to.x())));
        } else {
            where = "from %s from its left and %s from its foot to %s and %s"
                    .formatted(write(from.x()), write(from.y()), write(to.x()), write(to.y()));
        }
        add(
                Kind.SLIT,
                blank.name(),
                List.of(number),
                "Slit %s %s: %s"
                        .formatted(
                                blank.name(),
                                where,
                                tools.stopsInside()
                                        ? "set the blade down on one mark and lift it at the other"
                                        : "mark both ends, stop short, finish with a knife at the point"));
    }

    private void add(Kind kind, String hand, List<Integer> blanks, String words) {
        List<Fallen> falls = blanks.stream()
                .map(number -> {
                    Blank blank = plan.blanks().get(number);
                    return new Fallen(blank.count(), What.BLANK, blank.name(), blank.size(), List.of(number));
                })
                .toList();
        steps.add(CutStep.withoutFence(before + steps.size() + 1, kind, -1, hand, falls, words + "."));
    }

    private String write(Size size) {
        return Figure.of(size.width(), ruler).by(Figure.of(size.height(), ruler));
    }

    private String write(Length length) {
        return Figure.of(length, ruler).inWords();
    }
}
