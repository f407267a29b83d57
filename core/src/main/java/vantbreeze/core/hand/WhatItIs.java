package vantbreeze.core.hand;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.free.FreeStructure;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Design;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recognition.Deviation;
import vantbreeze.core.recognition.Likeness;
import vantbreeze.core.recognition.Recognisers;

/** Which structures of the catalogue a card that is drawn free is, and the card taken as one of them. */
public record WhatItIs(Workshop workshop, Plan plan) {

    private static final double CLOSED = 0.01;

    /** The structures it is; none for a card that follows one already. */
    public List<Likeness> all() {
        if (!plan.isFree() || plan.drawn().impossible().isPresent()) {
            return List.of();
        }
        return Recognisers.of(workshop.catalogue(), workshop.tools().allowances())
                .recognise(plan.drawn().assembly(), closed(), plan.ruler());
    }

    /** All that it is exactly, the plainest first. */
    List<Likeness> exactly() {
        return plan.isFree() && plan.drawn().impossible().isEmpty()
                ? Recognisers.of(workshop.catalogue(), workshop.tools().allowances())
                        .exactly(plan.drawn().assembly(), closed(), plan.ruler())
                : List.of();
    }

    private @Nullable Size closed() {
        FreeStructure card = new FreeStructure(plan.drawn());
        FoldedForm closed = FoldedForm.of(FoldGraph.of(plan.drawn().assembly()), card.closed(plan.measures()));
        return closed.closureError() < CLOSED ? closed.footprint() : null;
    }

    /** In words: what it is, or what it nearly is and which figure would have to be another. */
    public String inWords(Likeness likeness) {
        String name = withArticle(likeness.structure().name());
        Deviation deviation = likeness.deviation();
        return deviation == null
                ? "This is %s.".formatted(name)
                : "Nearly %s: if %s.".formatted(name, inWords(deviation));
    }

    /** A name in a sentence: "a stage", "an inverted Z", "a Z-fold". */
    static String withArticle(String name) {
        boolean isWord = name.length() > 1 && Character.isLowerCase(name.charAt(1));
        String inside = isWord ? Character.toLowerCase(name.charAt(0)) + name.substring(1) : name;
        return ("aeiou".indexOf(inside.charAt(0)) >= 0 ? "an " : "a ") + inside;
    }

    private String inWords(Deviation deviation) {
        String is = write(deviation.is());
        String wanted = write(deviation.wanted());
        return switch (deviation.what()) {
            case "width", "height" ->
                "the %s of %s were %s, not %s".formatted(deviation.what(), deviation.piece(), wanted, is);
            case "glue" -> "%s were glued at %s, not at %s".formatted(deviation.piece(), wanted, is);
            default -> "the %s at %s on %s were at %s".formatted(deviation.what(), is, deviation.piece(), wanted);
        };
    }

    private String write(Length length) {
        return Figure.of(length, plan.ruler()).inWords();
    }

    /**
     * The same card following a structure that it is, or nearly is; its layers stay on their panels.
     *
     * @throws ValidationException when it is none
     */
    public Plan takenAs(String structure) {
        Likeness likeness = all().stream()
                .filter(one -> one.structure().id().equals(structure))
                .findFirst()
                .orElseThrow(() -> new ValidationException(
                        "drawing", "This card is not that any more. Look again at what it is now."));
        return taken(likeness);
    }

    /** The same card following the structure of a likeness that was found of it. */
    Plan taken(Likeness likeness) {
        return plan.withDesign(new Design.Parametric(likeness.structure().id(), likeness.measures(), Set.of()))
                .withDressing(dressing(likeness.panels(), likeness.isTurnedOver()));
    }

    private Dressing dressing(Map<PanelRef, PanelRef> panels, boolean turnedOver) {
        return new Dressing(plan.dressing().all().stream()
                .flatMap(dressed -> moved(dressed, panels, turnedOver).stream())
                .toList());
    }

    private static Optional<Dressed> moved(Dressed dressed, Map<PanelRef, PanelRef> panels, boolean turnedOver) {
        List<FaceName> faces = dressed.faces().stream()
                .flatMap(face -> Optional.ofNullable(panels.get(new PanelRef(face.piece(), face.panel()))).stream()
                        .map(panel -> new FaceName(
                                panel.piece(),
                                panel.panel(),
                                turnedOver ? face.side().other() : face.side())))
                .toList();
        return faces.isEmpty()
                ? Optional.empty()
                : Optional.of(new Dressed(faces, dressed.layers(), dressed.embellishments()));
    }
}
