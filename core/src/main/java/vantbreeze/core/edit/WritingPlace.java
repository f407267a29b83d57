package vantbreeze.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import vantbreeze.core.check.PlaceToWrite;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.extra.Extra;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowance;

/** A place to write made where there is none: pale paper laid on a panel, or a small folded card glued on it. */
record WritingPlace(WorkedPlan worked, Workshop workshop) {

    /** Most panels that are tried: each is a card worked out. */
    private static final int MOST = 12;

    /**
     * The card with one.
     *
     * @param id of a {@link PlaceToWrite}
     * @throws ValidationException when no panel takes it
     */
    Plan made(String id) {
        PlaceToWrite how = PlaceToWrite.find(id)
                .orElseThrow(() -> new ValidationException(
                        PlaceToWrite.FIELD, "There is no place to write called \"%s\".".formatted(id)));
        return switch (how) {
            case PAPER ->
                tried(this::papered, "No panel takes pale paper large enough to write on. Set a small card on one.");
            case SMALL_CARD ->
                tried(
                        this::carded,
                        "No panel takes a small card to write in. Lay pale paper on one, or take a layer off.");
        };
    }

    private Plan plan() {
        return worked.plan();
    }

    /** On the first panel where nothing speaks against it: those seen only inside or from behind, the largest first. */
    private Plan tried(Function<Face, Plan> make, String none) {
        Trial trial = Trial.of(worked, workshop);
        List<Face> faces = new ArrayList<>(new Suggestion(workshop, worked).showing());
        faces.sort(Comparator.comparing(
                        (Face face) -> !worked.sights().of(face).orElseThrow().behind())
                .thenComparing(face -> -worked.grounds().of(face).area()));
        return faces.stream()
                .limit(MOST)
                .flatMap(face -> attempt(make, face).stream())
                .map(workshop::work)
                .filter(after -> trial.against(after).isEmpty())
                .filter(after -> after.findings().stream()
                        .noneMatch(finding -> finding.about().equals(PlaceToWrite.FIELD)))
                .map(WorkedPlan::plan)
                .findFirst()
                .orElseThrow(() -> new ValidationException(PlaceToWrite.FIELD, none));
    }

    private static Optional<Plan> attempt(Function<Face, Plan> make, Face face) {
        try {
            return Optional.of(make.apply(face));
        } catch (ValidationException doesNotGoThere) {
            return Optional.empty();
        }
    }

    private Plan papered(Face face) {
        Length border = workshop.tools().allowances().of(Allowance.BORDER, plan().ruler());
        return new Dress.Add(List.of(face), List.of(LayerChoice.of(new Suggestion(workshop, worked).pale(), border)))
                .on(plan(), workshop)
                .plan();
    }

    private Plan carded(Face face) {
        Plan after =
                new Carry.Put("small-card", "", face, null).on(plan(), workshop).plan();
        PieceId piece = PieceId.of(named(after));
        if (!workshop.cardstock(after.supplies().cardstockOf(piece)).takesWriting(true)) {
            after = after.withSupplies(after.supplies().withCardstock(piece, paleCard()));
        }
        return after.isFree() ? after : roomy(after);
    }

    /** What the small card is called, which is set on last. */
    private String named(Plan after) {
        List<WorkedPiece> pieces = workshop.work(after).pieces();
        return pieces.get(pieces.size() - 1).panels().piece().name();
    }

    /** As large as a few lines want, where the panel is. */
    private Plan roomy(Plan after) {
        Structure structure = workshop.structure(after);
        List<Extra> extras = after.extras().all();
        String id = extras.get(extras.size() - 1).id();
        Plan sized = after;
        for (String way : List.of("width", "height")) {
            String measure = "%s-%s".formatted(id, way);
            Length wanted = workshop.tools()
                    .allowances()
                    .of(way.equals("width") ? Allowance.WRITING_WIDE : Allowance.WRITING_HIGH, plan().ruler());
            Length marked = plan().ruler().above(wanted).length();
            Limits limits = structure.limits(measure, sized.measures());
            if (structure.measure(measure, sized.measures()).isShorterThan(marked) && limits.allow(marked)) {
                sized = sized.changing(structure, measure, marked);
            }
        }
        return sized;
    }

    /** Of those pale on both sides the one nearest in weight to the card's own. */
    private String paleCard() {
        int weight = workshop.cardstock(plan().cardstockId()).grammage();
        return workshop.cardstocks().byId().entrySet().stream()
                .filter(one ->
                        one.getValue().takesWriting(false) && one.getValue().takesWriting(true))
                .min(Comparator.comparingInt(one -> Math.abs(one.getValue().grammage() - weight)))
                .orElseThrow()
                .getKey();
    }
}
