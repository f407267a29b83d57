package vantbreeze.core.hand;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.FaceWords;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.recipe.Mat;
import vantbreeze.core.recipe.Passage;
import vantbreeze.core.tool.Allowance;

/**
 * Mats of a recipe, each laid on the panels that it fits by a border people use; on another mat where it fits that.
 * Counted ones are spread over panels that are alike.
 */
final class MatsLaid {

    /** Widest border that people leave, in usual ones (common practice, no source). */
    private static final int WIDEST = 4;

    private final WorkedPlan card;
    private final List<Face> faces;
    private final Map<Face, List<LayerChoice>> stacks = new LinkedHashMap<>();
    private final Map<Face, Size> tops = new LinkedHashMap<>();
    private final List<String> laid = new ArrayList<>();
    private final List<Passage> findings = new ArrayList<>();
    private final List<LayerChoice> papers;

    private MatsLaid(WorkedPlan card) {
        this.card = card;
        Suggestion usual = new Suggestion(card.workshop(), card);
        this.papers = usual.usualStack();
        // stable: those that are seen at the front, then the others as they show, then what never does
        this.faces = Stream.concat(usual.showing().stream(), card.grounds().free().stream())
                .distinct()
                .sorted(Comparator.comparing(face -> card.faceWords().place(face)))
                .toList();
        for (Face face : faces) {
            Envelope part = card.grounds().of(face).parts().get(0).getEnvelopeInternal();
            tops.put(face, new Size(Length.nearest(part.getWidth()), Length.nearest(part.getHeight())));
        }
    }

    /**
     * The same card with the mats on it.
     *
     * @param card with them
     * @param laid where each went, in words
     * @param findings mats that go nowhere, or more of them than panels
     */
    record Result(WorkedPlan card, List<String> laid, List<Passage> findings) {}

    /** Those of which the recipe says on which panel they lie, on the card as it is drawn. */
    static Result exactly(List<Mat> mats, WorkedPlan drawn) {
        List<Mat> exact = mats.stream().filter(mat -> mat.on() != null).toList();
        if (exact.isEmpty()) {
            return new Result(drawn, List.of(), List.of());
        }
        MatsLaid laid = new MatsLaid(drawn);
        exact.forEach(mat -> laid.layOn(mat, requireNonNull(mat.on())));
        return new Result(drawn.withDressing(laid.dressing()), laid.laid, laid.findings);
    }

    private void layOn(Mat mat, Mat.On on) {
        faces.stream()
                .filter(face -> isThat(face, on) && takesAnother(face))
                .findFirst()
                .ifPresentOrElse(
                        face -> put(fit(face, mat.size())),
                        () -> findings.add(new Passage(
                                mat.start(),
                                mat.end(),
                                String.format(
                                        Locale.ROOT,
                                        "Nothing can be laid on panel %d of piece %d, or there is none.",
                                        on.panel() + 1,
                                        on.piece() + 1))));
    }

    private boolean takesAnother(Face face) {
        return stacks.getOrDefault(face, List.of()).size() < Dressed.MOST_LAYERS;
    }

    private boolean isThat(Face face, Mat.On on) {
        FoldGraph graph = card.form().graph();
        return face.side() == on.side()
                && graph.pieceOf().get(face.panel()) == on.piece()
                && graph.panels().get(face.panel()).index() == on.panel();
    }

    /** All others, laid where they fit. */
    static Result of(List<Mat> mats, WorkedPlan card) {
        List<Mat> open = mats.stream().filter(mat -> mat.on() == null).toList();
        if (open.isEmpty()) {
            return new Result(card, List.of(), List.of());
        }
        MatsLaid laid = new MatsLaid(card);
        open.stream()
                .sorted(Comparator.comparing((Mat mat) -> mat.size().width().millimetres()
                                * mat.size().height().millimetres())
                        .reversed())
                .forEach(laid::lay);
        return new Result(card.withDressing(laid.dressing()), laid.laid, laid.findings);
    }

    private Dressing dressing() {
        Dressing dressing = card.plan().dressing();
        for (Map.Entry<Face, List<LayerChoice>> stack : stacks.entrySet()) {
            dressing = dressing.with(
                    Dressed.of(FaceName.of(stack.getKey(), card.form().graph()), stack.getValue()));
        }
        return dressing;
    }

    /** A face that a mat fits, as it lies there, and how much of what is beneath shows across and up. */
    private record Fit(Face face, Size lying, Length across, Length up) {

        /** The evener the border, and the nearer to the usual one, the likelier. */
        Length uneven() {
            return across.minus(up).abs();
        }

        boolean isAsLikely(Fit other) {
            return uneven().equals(other.uneven()) && across.max(up).equals(other.across.max(other.up));
        }

        Length off(Length usual) {
            return across.max(up).minus(usual.times(2)).abs();
        }
    }

    private void lay(Mat mat) {
        List<Fit> fits = fits(mat);
        if (fits.isEmpty()) {
            findings.add(new Passage(mat.start(), mat.end(), nowhere(mat)));
            return;
        }
        List<Fit> taken = spread(fits, mat.count());
        taken.forEach(this::put);
        laid.add("%s: %s"
                .formatted(
                        write(mat.size()),
                        taken.stream().map(fit -> where(fit.face)).distinct().collect(Collectors.joining(", "))));
        if (taken.size() < mat.count()) {
            findings.add(new Passage(
                    mat.start(),
                    mat.end(),
                    String.format(
                            Locale.ROOT,
                            "%d mats of %s are told, but only %d panels take one.",
                            mat.count(),
                            write(mat.size()),
                            taken.size())));
        }
    }

    /** So many of the likeliest; of equally likely ones first those on panels that have none yet. */
    private static List<Fit> spread(List<Fit> fits, int count) {
        List<Fit> left = new ArrayList<>(fits);
        List<Fit> taken = new ArrayList<>();
        while (taken.size() < count && !left.isEmpty()) {
            Fit first = left.get(0);
            Fit next = left.stream()
                    .filter(fit -> fit.isAsLikely(first)
                            && taken.stream().noneMatch(one -> one.face.panel() == fit.face.panel()))
                    .findFirst()
                    .orElse(first);
            left.remove(next);
            taken.add(next);
        }
        return taken;
    }

    /** All faces that it fits, the likeliest first: where the recipe says it goes, then by its border. */
    private List<Fit> fits(Mat mat) {
        Length usual = usual();
        return faces.stream()
                .filter(this::takesAnother)
                .flatMap(face -> Stream.of(mat.size(), mat.size().turned())
                        .map(lying -> fit(face, lying))
                        .filter(this::isUsual)
                        .min(Comparator.comparing(Fit::uneven))
                        .stream())
                .sorted(Comparator.comparing((Fit fit) -> !isMeant(fit.face, mat.places()))
                        .thenComparing(Fit::uneven)
                        .thenComparing(fit -> fit.off(usual))
                        .thenComparing(fit -> faces.indexOf(fit.face)))
                .toList();
    }

    private Length usual() {
        return card.tools().allowances().of(Allowance.BORDER, card.ruler());
    }

    /** What lies uppermost on a face so far. */
    private Size top(Face face) {
        return requireNonNull(tops.get(face));
    }

    private Fit fit(Face face, Size lying) {
        Size top = top(face);
        return new Fit(
                face, lying, top.width().minus(lying.width()), top.height().minus(lying.height()));
    }

    private boolean isUsual(Fit fit) {
        Length widest = usual().times(2 * WIDEST);
        return fit.across.isPositive()
                && fit.up.isPositive()
                && !fit.across.isLongerThan(widest)
                && !fit.up.isLongerThan(widest);
    }

    /** Whether the recipe's words for where it goes are said of this face. */
    private boolean isMeant(Face face, List<String> places) {
        FaceWords words = card.faceWords();
        String panel = words.panel(face).toLowerCase(Locale.ROOT);
        return places.isEmpty()
                || places.stream()
                        .map(place -> place.replaceAll("s$", ""))
                        .anyMatch(place -> words.place(face).word().equals(place) || panel.contains(place));
    }

    private void put(Fit fit) {
        List<LayerChoice> stack = stacks.computeIfAbsent(fit.face, face -> new ArrayList<>());
        String paper = papers.get(Math.min(stack.size(), papers.size() - 1)).paper();
        boolean isEven = fit.across.equals(fit.up) && !fit.across.isNegative();
        LayerChoice layer = isEven
                ? LayerChoice.of(paper, fit.across.dividedBy(2))
                : LayerChoice.of(paper, usual()).sized(fit.lying);
        stack.add(layer);
        tops.put(fit.face, fit.lying);
    }

    private String where(Face face) {
        return "%s (%s)"
                .formatted(
                        card.faceWords().panel(face),
                        card.faceWords().place(face).word());
    }

    /** What it would go on, and by how much it does not. */
    private String nowhere(Mat mat) {
        return faces.stream()
                .flatMap(face -> Stream.of(mat.size(), mat.size().turned()).map(lying -> fit(face, lying)))
                .min(Comparator.comparing(fit -> fit.across.abs().plus(fit.up.abs())))
                .map(fit ->
                        "A mat of %s goes on no panel with a border that people leave. The nearest is %s, %s: %s, %s."
                                .formatted(
                                        write(mat.size()),
                                        where(fit.face),
                                        write(top(fit.face)),
                                        off(fit.across, "wide", "across"),
                                        off(fit.up, "high", "up and down")))
                .orElse("Nothing of this card can be matted.");
    }

    private String off(Length left, String much, String way) {
        return left.isNegative()
                ? "%s too %s".formatted(write(left.abs()), much)
                : "%s to spare %s".formatted(write(left), way);
    }

    private String write(Length length) {
        return Figure.of(length, card.ruler()).inWords();
    }

    private String write(Size size) {
        return size.inWords(card.ruler());
    }
}
