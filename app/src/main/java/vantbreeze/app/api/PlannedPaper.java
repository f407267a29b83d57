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
import vantbreeze.core.cutting.CutStep;
import vantbreeze.core.cutting.CutSteps;
import vantbreeze.core.cutting.PaperPlan;
import vantbreeze.core.cutting.SheetUse;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.guillotine.Solution;
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
 * @param plain the same with nothing decided by hand; null where nothing is
 * @param known all sheets there are
 */
record PlannedPaper(WorkedPlan worked, PaperPlan plan, @Nullable PaperPlan plain, List<StockSheet> known) {

    PaperCutView view() {
        CutLayout layout = CutLayout.of(plan);
        List<CutStep> steps = CutSteps.of(layout, worked.tools(), ruler());
        return new PaperCutView(
                plan.stockId(),
                plan.stock().name(),
                took(plan, plan.solution()),
                knownWords(),
                pinsCost(),
                otherwise(),
                warnings(),
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

    private static String took(PaperPlan plan, Solution solution) {
        List<String> took = new ArrayList<>();
        for (int i = 0; i < plan.sheets().size(); i++) {
            int bin = i;
            long used = solution.patterns().stream()
                    .filter(pattern -> pattern.bin() == bin)
                    .count();
            if (used > 0) {
                took.add(counted(used, plan.sheets().get(i)));
            }
        }
        String money = money(plan, solution);
        return took.isEmpty() ? "no sheet" : String.join(", ", took) + (money.isEmpty() ? "" : ", " + money);
    }

    private static String counted(long used, StockSheet sheet) {
        return sheet.offcut()
                ? String.format(Locale.ROOT, "%d %s %s", used, used == 1 ? "offcut" : "offcuts", sheet.name())
                : String.format(Locale.ROOT, "%d %s of %s", used, used == 1 ? "sheet" : "sheets", sheet.name());
    }

    /** What a sheet is called: an offcut that is named after its card is one. */
    private static String called(StockSheet sheet) {
        return sheet.name().startsWith("from ") ? "Offcut " + sheet.name() : sheet.name();
    }

    /** What the sheets cost in money, where all that are used have a price. */
    private static String money(PaperPlan plan, Solution solution) {
        BigDecimal sum = BigDecimal.ZERO;
        for (var pattern : solution.patterns()) {
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
        Solution without = plan.unpinned().orElse(null);
        if (without == null || without.cost() >= plan.solution().cost() - 1e-9) {
            return null;
        }
        return "Pinned so it takes %s; nothing pinned, %s.".formatted(took(plan, plan.solution()), took(plan, without));
    }

    private @Nullable String otherwise() {
        if (plain == null) {
            return null;
        }
        String without = took(plain, plain.solution());
        Solution unpinned = plan.unpinned().orElse(plan.solution());
        boolean isTold = without.equals(took(plan, unpinned)) && pinsCost() != null;
        return isTold || without.equals(took(plan, plan.solution()))
                ? null
                : "With nothing chosen by hand it takes %s.".formatted(without);
    }

    private List<String> warnings() {
        List<String> warnings = new ArrayList<>();
        if (plan.hasNoSheet()) {
            warnings.add("Every sheet of it is left alone, so there is nothing to cut it from. Use one again, or"
                    + " add another size.");
            return warnings;
        }
        plan.tooLarge().forEach(blank -> warnings.add(tooLarge(blank)));
        List<Blank> large = plan.tooLarge();
        for (Blank blank : plan.blanks()) {
            int missing = plan.missing(blank);
            if (missing > 0 && !large.contains(blank)) {
                warnings.add(String.format(
                        Locale.ROOT,
                        "%d of %s find%s no place: there are too few sheets. Add some, or use another size.",
                        missing,
                        CutSteps.name(blank),
                        missing == 1 ? "s" : ""));
            }
        }
        plan.lostPins()
                .forEach(lost -> warnings.add("%s can't lie where you put it: %s."
                        .formatted(capital(CutSteps.name(lost.blank())), lost.why())));
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
        if (plan.isAcrossGrain()) {
            notes.add("Some folds run across the grain: along it, it takes more sheets or does not fit them. To"
                    + " keep them along it all the same, make that a rule below.");
        }
        return notes;
    }

    private String tooLarge(Blank blank) {
        String piecing = blank.number() == 0
                ? " Join it from two, overlapping by half an inch (13 mm) or more where a layer hides it."
                : " Choose a larger sheet, or a smaller layer.";
        return "%s, %s, is larger than every sheet%s.%s"
                .formatted(
                        capital(CutSteps.name(blank)),
                        size(blank.size()),
                        blank.lie() == Blank.Lie.UPRIGHT ? ", or lies on none the right way up" : "",
                        piecing);
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
                blank.number() > 0 ? String.format(Locale.ROOT, "%d", blank.number()) : CutSteps.name(blank),
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
