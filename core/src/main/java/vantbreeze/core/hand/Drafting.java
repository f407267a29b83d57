package vantbreeze.core.hand;

import java.util.List;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fit.Proposals;
import vantbreeze.core.fit.Resizing;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.free.Redrawing;
import vantbreeze.core.free.Rescaling;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Reruling;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;

/**
 * What can be done to a plan as a whole, and drawn on one that is free. Each gives a new plan that can be worked out.
 */
public record Drafting(Workshop workshop, Plan plan) {

    /** The same card as free pieces, nothing tied to a measure any more. */
    public Plan loosened() {
        if (plan.isFree()) {
            return plan;
        }
        Structure structure = workshop.structure(plan);
        if (Wrapping.isWrap(plan, workshop)) {
            throw new ValidationException(
                    "drawing",
                    "%s follows its card, so its lines are not drawn freely. Change its measures instead."
                            .formatted(structure.name()));
        }
        return plan.withDrawing(
                Loosening.of(structure, plan.completed(structure).measures()));
    }

    /** The same card following a structure that it is. */
    public Plan takenAs(String structure) {
        return new WhatItIs(workshop, plan).takenAs(structure);
    }

    /** A score from spot to spot. */
    public Plan scored(int piece, Stretch line, Fold fold) {
        return drawn(drawing(piece).scored(piece, line(line), fold));
    }

    /**
     * A score from edge to edge.
     *
     * @param at how far from the left edge it runs straight up, or from the foot it runs across
     * @param isLevel whether it runs across
     */
    public Plan scoredThrough(int piece, Length at, boolean isLevel, Fold fold) {
        Redrawing drawing = drawing(piece);
        Extent extent = pieces().get(piece).extent();
        Length size =
                isLevel ? extent.head().minus(extent.foot()) : extent.right().minus(extent.left());
        if (!at.isPositive() || !at.isShorterThan(size)) {
            throw new ValidationException(
                    "drawing",
                    "The piece is %s %s: a score lies within it. Type less, and more than 0."
                            .formatted(written(size), isLevel ? "high" : "wide"));
        }
        Length x = extent.left().plus(at);
        Length y = extent.foot().plus(at);
        Stretch line = isLevel
                ? new Stretch(new Spot(extent.left(), y), new Spot(extent.right(), y))
                : new Stretch(new Spot(x, extent.foot()), new Spot(x, extent.head()));
        return drawn(drawing.scored(piece, line, fold));
    }

    /** A slit from spot to spot. */
    public Plan slit(int piece, Stretch line) {
        return drawn(drawing(piece).slit(piece, line(line)));
    }

    /** Without a line. */
    public Plan without(Handle handle) {
        return drawn(drawing(handle.piece()).without(handle.piece(), handle.line(pieces())));
    }

    /** With a score folding the other way; one that is not said yet becomes a valley. */
    public Plan flipped(Handle handle) {
        Stretch line = handle.line(pieces());
        Fold fold = Panels.of(pieces().get(handle.piece())).hinges().stream()
                .filter(hinge -> covers(line, hinge.line()))
                .map(hinge -> hinge.fold())
                .findFirst()
                .orElse(Fold.UNASSIGNED);
        return drawn(drawing(handle.piece())
                .folded(handle.piece(), line, fold == Fold.VALLEY ? Fold.MOUNTAIN : Fold.VALLEY));
    }

    private static boolean covers(Stretch line, Stretch part) {
        double length = line.millimetres();
        return Math.abs(new Stretch(line.from(), part.from()).millimetres()
                                + new Stretch(part.from(), line.to()).millimetres()
                                - length)
                        < Precision.ON_LINE
                && Math.abs(new Stretch(line.from(), part.to()).millimetres()
                                + new Stretch(part.to(), line.to()).millimetres()
                                - length)
                        < Precision.ON_LINE;
    }

    /** With one more piece, glued by its back in the middle of a panel's face. */
    public Plan withPiece(String name, Size size, String panel) {
        sheet(size);
        PanelRef on = panel(panel);
        Panel below = Panels.of(pieces().get(on.piece())).named(panel).orElseThrow();
        var middle = below.shape().getInteriorPoint();
        Spot at = Spot.nearest(
                middle.getX() - size.width().millimetres() / 2,
                middle.getY() - size.height().millimetres() / 2);
        return drawn(drawing(0).withPiece(FreeCard.sheet(name, size), on, at));
    }

    /** Without a piece and what was glued to it. */
    public Plan withoutPiece(int piece) {
        if (piece == 0) {
            throw new ValidationException(
                    "drawing", "The first piece is what all others hang on. Take another away, or begin a card anew.");
        }
        return drawn(drawing(piece).withoutPiece(piece));
    }

    /**
     * With two panels glued.
     *
     * @param at where the glued panel's lower left corner comes to lie on the other's sheet
     */
    public Plan glued(String glued, Side gluedSide, String on, Side onSide, Spot at) {
        PanelRef upper = panel(glued);
        PanelRef lower = panel(on);
        Panel laid = Panels.of(pieces().get(upper.piece())).named(glued).orElseThrow();
        // two like sides meet when the paper is turned over, and left becomes right
        Length corner = gluedSide == onSide ? laid.right() : laid.left();
        Length foot = Extent.of(laid.corners()).foot();
        return drawn(
                drawing(0).glued(Join.of(lower, onSide, upper, gluedSide, Attachment.at(at, new Spot(corner, foot)))));
    }

    /** With one of its joins taken apart. */
    public Plan unglued(int join) {
        return drawn(joined(join).unglued(join));
    }

    /**
     * With what is glued moved to another place, turned as it was.
     *
     * @param at where the glued panel's lower left corner comes to lie on the other's sheet
     */
    public Plan glueMoved(int join, Spot at) {
        Redrawing drawing = joined(join);
        Spot now = GluedCorner.of(plan.drawn().assembly(), join);
        return drawn(drawing.glueMoved(join, at.x().minus(now.x()), at.y().minus(now.y())));
    }

    private Redrawing joined(int join) {
        Redrawing drawing = drawing(0);
        if (join < 0 || join >= plan.drawn().assembly().joins().size()) {
            throw new ValidationException("drawing", "That join is not there any more.");
        }
        return drawing;
    }

    /** Displayed lying on the table, or standing. */
    public Plan lying(boolean lies) {
        drawing(0);
        return plan.withDrawing(plan.drawn().lying(lies));
    }

    /**
     * On the marks of {@code ruler}, closing as before.
     *
     * @throws ValidationException when no way of rounding a free card keeps it closing
     */
    public Plan onMarks(Ruler ruler) {
        if (!plan.isFree()) {
            return plan.withMeasures(Reruling.of(workshop.structure(plan), plan.measures(), ruler)
                            .measures())
                    .withRuler(ruler)
                    .withDressing(plan.dressing().on(ruler));
        }
        FreeCard ruled = new Rescaling(plan.drawn())
                .on(ruler)
                .orElseThrow(() -> new ValidationException(
                        "ruler",
                        "Brought to the marks of this ruler, the card would not close any more. "
                                + "Take a finer ruler, or keep the figures as they are."));
        return unlocked()
                .plan
                .withDrawing(ruled)
                .withRuler(ruler)
                .withDressing(plan.dressing().on(ruler));
    }

    /** As large as {@code finished} when closed, or the nearest that can be. */
    public Plan resized(Size finished) {
        if (!finished.width().isPositive() || !finished.height().isPositive()) {
            throw new ValidationException("width", "A card has a width and a height. Type both.");
        }
        if (plan.isFree()) {
            return unlocked().drawn(new Rescaling(plan.drawn()).to(finished));
        }
        return plan.resized(workshop.structure(plan), resizing().to(finished));
    }

    /**
     * As large as {@code envelope} takes, the way round that it lies now.
     *
     * @throws ValidationException when no such card goes in, with what stands in the way
     */
    public Plan into(Envelope envelope) {
        Size room;
        Plan after;
        if (plan.isFree()) {
            Size closed = workshop.work(plan).footprint();
            Size most = Proposals.room(envelope, allowances());
            room = closed.width().isShorterThan(closed.height()) ? most.turned() : most;
            after = resized(room);
        } else {
            room = resizing().room(envelope);
            after = plan.resized(workshop.structure(plan), resizing().into(envelope));
        }
        Size closed = workshop.work(after).footprint();
        if (!EnvelopeFit.of(ClosedCard.flat(closed), envelope, allowances()).goesIn()) {
            throw new ValidationException("envelope", inTheWay(envelope, room, closed));
        }
        return after;
    }

    private String inTheWay(Envelope envelope, Size room, Size closed) {
        String least = "The card can't be made small enough for %s, the way round that it lies: it would be %s × %s."
                .formatted(envelope.name(), written(closed.width()), written(closed.height()));
        if (plan.isFree()) {
            return least;
        }
        try {
            plan.resized(workshop.structure(plan), resizing().wanted(room));
        } catch (ValidationException limit) {
            return "%s %s".formatted(least, limit.getMessage());
        }
        return plan.locked().isEmpty() ? least : least + " Unlock its measures first.";
    }

    private String written(Length length) {
        return Figure.of(length, plan.ruler()).inWords();
    }

    /** Upright instead of lying, or the other way round. */
    public Plan turned() {
        return plan.isFree()
                ? resized(workshop.work(plan).footprint().turned())
                : plan.resized(workshop.structure(plan), resizing().turned());
    }

    private Allowances allowances() {
        return workshop.tools().allowances();
    }

    private Resizing resizing() {
        return Resizing.of(workshop.structure(plan), plan.measures(), plan.ruler(), allowances());
    }

    /** A free card that is made over as a whole holds on to no panel's width. */
    private Drafting unlocked() {
        Plan free = plan;
        for (String name : plan.locked()) {
            free = free.withLock(name, false);
        }
        return new Drafting(workshop, free);
    }

    private Redrawing drawing(int piece) {
        if (!plan.isFree()) {
            throw new ValidationException("drawing", "This card follows its structure. Make it free to draw on it.");
        }
        if (piece < 0 || piece >= pieces().size()) {
            throw new ValidationException("drawing", "That piece is not there any more.");
        }
        return new Redrawing(plan.drawn());
    }

    private List<Piece> pieces() {
        return workshop.structure(plan).assemble(plan.measures()).pieces();
    }

    private Plan drawn(FreeCard card) {
        return new FreeHand(workshop, plan).checked(card);
    }

    private PanelRef panel(String name) {
        drawing(0);
        for (int i = 0; i < pieces().size(); i++) {
            if (Panels.of(pieces().get(i)).named(name).isPresent()) {
                return new PanelRef(i, name);
            }
        }
        throw new ValidationException(
                "drawing",
                "There is no panel \"%s\" on this card. Its panels are: %s."
                        .formatted(name, String.join(", ", names())));
    }

    private List<String> names() {
        return pieces().stream()
                .flatMap(piece -> Panels.of(piece).all().stream())
                .map(Panel::name)
                .toList();
    }

    private static Stretch line(Stretch line) {
        if (line.isNothing()) {
            throw new ValidationException("drawing", "A line needs two ends. Draw it longer.");
        }
        return line;
    }

    /** A bare sheet to draw on. */
    public static Plan bare(String name, Size size, Ruler ruler) {
        sheet(size);
        return Plan.of(name, FreeCard.bare(size), ruler);
    }

    private static void sheet(Size size) {
        if (!size.width().isPositive() || !size.height().isPositive()) {
            throw new ValidationException("width", "A sheet has a width and a height. Type both.");
        }
    }
}
