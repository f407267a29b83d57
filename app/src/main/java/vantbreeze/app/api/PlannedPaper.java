package vantbreeze.app.api;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.api.CuttingView.AreaView;
import vantbreeze.app.api.CuttingView.BlankView;
import vantbreeze.app.api.CuttingView.CutStepView;
import vantbreeze.app.api.CuttingView.LaidView;
import vantbreeze.app.api.CuttingView.PaperCutView;
import vantbreeze.app.api.CuttingView.RestView;
import vantbreeze.app.api.CuttingView.SheetChoiceView;
import vantbreeze.app.api.CuttingView.StackView;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutLayout;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.CutStep;
import vantbreeze.core.cutting.CutSteps;
import vantbreeze.core.cutting.OtherPlans;
import vantbreeze.core.cutting.PaperPlan;
import vantbreeze.core.cutting.SheetUse;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/**
 * What is cut from one paper, told.
 *
 * @param others the same with less decided by hand
 * @param known all sheets there are
 */
record PlannedPaper(WorkedPlan worked, PaperPlan plan, OtherPlans others, List<StockSheet> known) {

    PaperCutView view() {
        JoinedPieces joins = new JoinedPieces(worked, plan);
        CutLayout layout = CutLayout.of(plan);
        List<CutStep> steps = CutSteps.of(layout, worked.tools(), ruler());
        return new PaperCutView(
                plan.stockId(),
                plan.stock().name(),
                took(plan),
                knownWords(),
                pinsCost(),
                otherwise(),
                warnings(),
                joins.offers(),
                joins.seams(),
                notes(),
                plan.isHeavy(),
                plan.solution()
                        .largestRest()
                        .map(rest -> size(rest.width(), rest.height()))
                        .orElse(null),
                sheets(),
                plan.blanks().stream().map(this::blank).toList(),
                layout.stacks().stream().map(this::stack).toList(),
                steps.stream().map(this::step).toList());
    }

    private Ruler ruler() {
        return worked.ruler();
    }

    private static String took(PaperPlan plan) {
        List<String> took = new ArrayList<>();
        for (StockSheet sheet : plan.sheets()) {
            int used = plan.used(sheet);
            if (used > 0) {
                took.add(counted(used, sheet));
            }
        }
        String money = money(plan);
        return took.isEmpty() ? "no sheet" : String.join(", ", took) + (money.isEmpty() ? "" : ", " + money);
    }

    private static String counted(int used, StockSheet sheet) {
        return sheet.offcut()
                ? String.format(Locale.ROOT, "%d %s %s", used, used == 1 ? "offcut" : "offcuts", sheet.name())
                : String.format(Locale.ROOT, "%d %s of %s", used, used == 1 ? "sheet" : "sheets", sheet.name());
    }

    /** What a sheet is called: an offcut that is named after its card is one. */
    private static String called(StockSheet sheet) {
        return sheet.name().startsWith("from ") ? "Offcut " + sheet.name() : sheet.name();
    }

    /** What the sheets cost in money, where all that are used have a price. */
    private static String money(PaperPlan plan) {
        BigDecimal sum = BigDecimal.ZERO;
        for (var pattern : plan.solution().patterns()) {
            BigDecimal price = plan.sheets().get(pattern.bin()).price();
            if (price == null) {
                return "";
            }
            sum = sum.add(price);
        }
        return sum.setScale(2, RoundingMode.HALF_UP).toPlainString();
    }

    private String knownWords() {
        if (!plan.solution().isWhole()) {
            return "";
        }
        return plan.isProven() ? "no plan takes less" : "the best that was found";
    }

    private @Nullable String pinsCost() {
        return same(others.unpinned())
                .filter(without -> without.solution().cost() < plan.solution().cost() - 1e-9)
                .map(without -> "Pinned so it takes %s; nothing pinned, %s.".formatted(took(plan), took(without)))
                .orElse(null);
    }

    private @Nullable String otherwise() {
        String told = pinsCost() == null
                ? took(plan)
                : same(others.unpinned()).map(PlannedPaper::took).orElse("");
        return same(others.plain())
                .map(PlannedPaper::took)
                .filter(without -> !without.equals(told) && !without.equals(took(plan)))
                .map("With nothing chosen by hand it takes %s."::formatted)
                .orElse(null);
    }

    /** What another plan cuts from this paper. */
    private Optional<PaperPlan> same(Optional<CutPlan> other) {
        return other.flatMap(all -> all.find(plan.stockId()));
    }

    private List<String> warnings() {
        List<String> warnings = new ArrayList<>();
        if (plan.hasNoSheet()) {
            warnings.add("Every sheet of it is left alone, so there is nothing to cut it from. Use one again, or"
                    + " add another size.");
            return warnings;
        }
        plan.leftOut().forEach(left -> warnings.add(inWords(left)));
        plan.lostPins()
                .forEach(lost -> warnings.add("%s can't lie where you put it: %s."
                        .formatted(capital(lost.blank().name()), lost.why())));
        return warnings;
    }

    private List<String> notes() {
        List<String> notes = new ArrayList<>();
        if (plan.isAssumed() && !plan.hasNoSheet()) {
            notes.add("No sheet of it is listed among your papers, so this plan buys %s."
                    .formatted(plan.sheets().stream()
                            .filter(sheet -> plan.use(sheet).orElse(SheetUse.FIRST) != SheetUse.BANNED)
                            .map(StockSheet::name)
                            .collect(Collectors.joining(" or "))));
        }
        switch (plan.folds()) {
            case ALONG -> {
                // as it should be
            }
            case PINNED_ACROSS ->
                notes.add("What you pinned lies with folds across the grain, where heavy card may crack. Turn it, if"
                        + " that matters.");
            case ACROSS_TO_SPARE ->
                notes.add("Some folds run across the grain: along it, it takes more sheets or does not fit them. To"
                        + " keep them along it all the same, make that a rule below.");
            case ACROSS -> notes.add("Some folds run across the grain, where heavy card may crack.");
        }
        return notes;
    }

    private String inWords(PaperPlan.LeftOut left) {
        Blank blank = left.blank();
        String piece = "%s, %s,".formatted(capital(blank.name()), size(blank.size()));
        return switch (left.why()) {
            case TOO_LARGE -> piece + " is larger than every sheet." + wayOn(blank);
            case UPRIGHT -> piece + " lies on no sheet the right way up." + wayOn(blank);
            case GRAIN ->
                piece
                        + " lies on no sheet with its folds along the grain. Make the grain a wish below, or use a"
                        + " larger sheet.";
            case TOO_FEW ->
                String.format(
                        Locale.ROOT,
                        "%d of %s find%s no place: there are too few sheets. Add some, or use another size.",
                        left.count(),
                        blank.name(),
                        left.count() == 1 ? "s" : "");
        };
    }

    /** A piece may be joined from parts, which is offered beside; if it may not, there are two ways left. */
    private static String wayOn(Blank blank) {
        return blank.number() == 0
                ? " Choose a larger sheet, or make the card smaller."
                : " Choose a larger sheet, or a smaller layer.";
    }

    private String size(Size size) {
        return Figure.of(size.width(), ruler()).by(Figure.of(size.height(), ruler()));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private List<SheetChoiceView> sheets() {
        List<SheetChoiceView> all = new ArrayList<>();
        plan.sheets().forEach(sheet -> all.add(choice(sheet, plan.used(sheet), true)));
        known.stream()
                .filter(sheet -> sheet.stockId() == null && !plan.sheets().contains(sheet))
                .forEach(sheet -> all.add(choice(sheet, 0, false)));
        return all;
    }

    private SheetChoiceView choice(StockSheet sheet, int used, boolean listed) {
        List<String> words = new ArrayList<>();
        Integer count = sheet.count();
        if (count != null) {
            words.add(String.format(Locale.ROOT, "%d there", count));
        }
        if (sheet.offcut()) {
            words.add("offcut");
        }
        BigDecimal price = sheet.price();
        if (price != null) {
            words.add(price.toPlainString() + " each");
        }
        return new SheetChoiceView(
                sheet.id(),
                called(sheet),
                SizeView.of(sheet.size(), ruler()),
                String.join(", ", words),
                plan.use(sheet).orElse(null),
                used,
                listed);
    }

    private BlankView blank(Blank blank) {
        Set<Integer> panels = new LinkedHashSet<>();
        Set<String> where = new LinkedHashSet<>();
        blank.uses().forEach(use -> {
            panels.addAll(panels(use));
            where.add(where(use));
        });
        return new BlankView(
                blank.number() > 0 ? String.format(Locale.ROOT, "%d", blank.number()) : capital(blank.name()),
                blank.number() > 0,
                blank.count(),
                SizeView.of(blank.size(), ruler()),
                blank.lie() == Blank.Lie.ANY,
                String.join(", ", where),
                List.copyOf(panels));
    }

    private List<Integer> panels(Blank.Use use) {
        FoldGraph graph = worked.form().graph();
        if (use instanceof Blank.OfPiece one) {
            int piece = PieceId.all(worked.of(Stages.ASSEMBLY).pieces()).indexOf(one.piece());
            return IntStream.range(0, graph.panels().size())
                    .filter(panel -> graph.pieceOf().get(panel) == piece)
                    .boxed()
                    .toList();
        }
        if (use instanceof Blank.OfPart part) {
            return panels(new Blank.OfPiece(part.piece()));
        }
        if (use instanceof Blank.OfRun run) {
            return run.parts().stream().flatMap(part -> panels(part).stream()).toList();
        }
        return face(use).map(face -> List.of(face.panel())).orElse(List.of());
    }

    private Optional<Face> face(Blank.Use use) {
        return use instanceof Blank.OfLayer layer
                ? layer.face().find(worked.form().graph())
                : Optional.empty();
    }

    private String where(Blank.Use use) {
        if (use instanceof Blank.OfPiece one) {
            return one.piece().inWords();
        }
        if (use instanceof Blank.OfPart one) {
            return one.piece().inWords();
        }
        if (use instanceof Blank.OfRun run) {
            return run.parts().stream().map(this::where).collect(Collectors.joining(" and "));
        }
        return face(use).map(worked.faceWords()::inWords).orElse("a panel that is gone");
    }

    private StackView stack(CutLayout.CutStack stack) {
        return new StackView(
                stack.first(),
                stack.sheets(),
                stack.sheet().id(),
                called(stack.sheet()),
                stack.nths().isEmpty() ? 0 : stack.nths().get(0),
                SizeView.of(stack.sheet().size(), ruler()),
                stack.trim().millimetres(),
                stack.blanks().stream().map(this::laid).toList(),
                stack.rests().stream()
                        .map(rest -> new RestView(AreaView.of(rest), size(rest.width(), rest.height())))
                        .toList());
    }

    private SizeView size(long width, long height) {
        return SizeView.of(new Size(Length.ofUnits(width), Length.ofUnits(height)), ruler());
    }

    private LaidView laid(CutLayout.LaidBlank laid) {
        ShapeView shape = ShapeView.of(laid.outline());
        List<Blank.Use> uses = plan.blanks().get(laid.blank()).uses();
        return new LaidView(
                laid.blank(),
                laid.uses().isEmpty() ? 0 : Math.max(0, uses.indexOf(laid.uses().get(0))),
                laid.isPinned(),
                laid.turned(),
                laid.shared(),
                AreaView.of(laid.lot()),
                shape.corners(),
                shape.holes());
    }

    private CutStepView step(CutStep step) {
        CutStep.Edge edge = step.edge();
        Length fence = step.fence();
        Length set = step.set();
        CutStep.Fallen left = step.left();
        List<Integer> blanks = new ArrayList<>();
        step.falls().forEach(fall -> blanks.addAll(fall.blanks()));
        if (left != null) {
            blanks.addAll(left.blanks());
        }
        return new CutStepView(
                step.number(),
                step.kind(),
                fence == null ? null : FigureView.of(fence, ruler()),
                set == null ? null : FigureView.of(set, ruler()),
                step.isSet(),
                step.stack(),
                step.hand(),
                edge == null ? null : edge.inWords(),
                step.areas().stream().map(AreaView::of).toList(),
                step.lines().stream()
                        .map(line -> List.of(
                                CuttingView.mm(line.x()),
                                CuttingView.mm(line.y()),
                                CuttingView.mm(line.x() + line.width()),
                                CuttingView.mm(line.y() + line.height())))
                        .toList(),
                step.falls().stream().map(CutSteps::counted).toList(),
                left == null ? null : CutSteps.counted(left),
                step.notes(),
                blanks,
                step.doing(),
                step.words());
    }
}
