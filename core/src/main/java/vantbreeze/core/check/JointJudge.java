package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.tool.Allowance;

/** Where pieces meet that are one to the eye or to the hand: slots that strips go through, seams that are seen. */
record JointJudge(CheckedCard card, Words words) {

    private static final Kind SHORT_SLOT = Kind.mustFix("slot-too-short");
    private static final Kind TIGHT_SLOT = Kind.check("slot-without-ease");
    private static final Kind SEAM = Kind.tip("seam-shows");

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        for (Link.Glued link : graph().joins()) {
            if (link.join().slides()) {
                slots(link).forEach(found -> add(found, findings));
            } else {
                seam(link).ifPresent(found -> add(found, findings));
            }
        }
        return findings;
    }

    /** Slots of one height on one strip are told once. */
    private static void add(Finding found, List<Finding> findings) {
        if (!findings.contains(found)) {
            findings.add(found);
        }
    }

    private FoldGraph graph() {
        return card.form().graph();
    }

    private Piece piece(int panel) {
        return graph().assembly().pieces().get(graph().pieceOf().get(panel));
    }

    // ---- slots

    /** The slots of one piece that another is threaded through, each with what is wrong with it. */
    private List<Finding> slots(Link.Glued link) {
        Piece strip = piece(link.to());
        Rigid laid = link.motion(0);
        Extent across = Extent.of(
                strip.outline().stream().map(spot -> placed(spot, laid)).toList());
        return piece(link.from()).slits().stream()
                .filter(slit -> slit.isUpright()
                        && slit.from().x().isLongerThan(across.left())
                        && slit.from().x().isShorterThan(across.right())
                        && slit.foot().isShorterThan(across.head())
                        && slit.head().isLongerThan(across.foot()))
                .flatMap(slit -> slot(slit, strip, across, piece(link.from())).stream())
                .toList();
    }

    private Optional<Finding> slot(Stretch slit, Piece strip, Extent across, Piece on) {
        Length high = across.head().minus(across.foot());
        Length slot = slit.head().minus(slit.foot());
        Length ease = card.tools().allowances().of(Allowance.SLOT_EASE, card.ruler());
        String least = words.least(high.plus(ease));
        if (slit.foot().isLongerThan(across.foot()) || slit.head().isShorterThan(across.head())) {
            return Optional.of(SHORT_SLOT.of(
                    "fold",
                    "%s is %s high and does not go through its slot on %s, which is %s: cut the slot %s."
                            .formatted(strip.name(), words.write(high), on.name(), words.write(slot), least)));
        }
        return slot.minus(high).isShorterThan(ease)
                ? Optional.of(TIGHT_SLOT.of(
                        "fold",
                        "%s has no ease in its slot on %s: it binds and tears. Cut the slot %s."
                                .formatted(strip.name(), on.name(), least)))
                : Optional.empty();
    }

    // ---- seams

    /** Where one piece goes on at another's edge, and the end of what holds them together is seen. */
    private Optional<Finding> seam(Link.Glued link) {
        if (graph().pieceOf().get(link.from()).equals(graph().pieceOf().get(link.to()))
                || link.join().foam().isLongerThan(Length.ZERO)) {
            return Optional.empty();
        }
        Rigid laid = link.motion(0);
        return seam(link.to(), link.join().gluedSide(), link.from(), laid)
                .or(() -> seam(link.from(), link.join().onSide(), link.to(), laid.inverse()));
    }

    private Optional<Finding> seam(int tab, Side glued, int other, Rigid laid) {
        Face free = new Face(tab, glued.other());
        boolean goesOn = graph().hinges().stream()
                .filter(hinge -> (hinge.from() == tab || hinge.to() == tab)
                        && hinge.hinge().fold() != Fold.BEND)
                .filter(this::liesOpen)
                .anyMatch(hinge -> isOnEdge(hinge.hinge().line(), laid, other));
        return goesOn && !isGlued(free) && card.isSeen(free)
                ? Optional.of(SEAM.of(
                        "fold",
                        ("The seam where %s is glued on shows on %s: hide it under a mat that reaches over both, "
                                        + "or cut the card from a longer sheet.")
                                .formatted(piece(tab).name(), words.name(other))))
                : Optional.empty();
    }

    /** Whether both panels of a hinge are one flat paper somewhere on the card's way. */
    private boolean liesOpen(Link.Folded hinge) {
        return card.form().stations().stream()
                .anyMatch(station -> Math.abs(station.pose().degreesAt(hinge)) < Precision.ON_LINE);
    }

    private boolean isOnEdge(Stretch line, Rigid laid, int other) {
        List<Spot> outline = piece(other).outline();
        Coordinate from = placed(line.from(), laid).millimetres();
        Coordinate to = placed(line.to(), laid).millimetres();
        for (int i = 0; i < outline.size(); i++) {
            LineSegment edge = new LineSegment(
                    outline.get(i).millimetres(),
                    outline.get((i + 1) % outline.size()).millimetres());
            if (edge.distance(from) < Precision.ON_LINE && edge.distance(to) < Precision.ON_LINE) {
                return true;
            }
        }
        return false;
    }

    private static Spot placed(Spot spot, Rigid laid) {
        var at = laid.apply(spot);
        return Spot.nearest(at.getX(), at.getY());
    }

    private boolean isGlued(Face face) {
        return GlueArea.of(graph()).stream()
                .anyMatch(area -> area.panel() == face.panel() && area.side() == face.side());
    }
}
