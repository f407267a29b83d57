package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Point;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Stretch;

/** Whether two flaps that fold over one panel from opposite sides lie on each other, as a gate's never should. */
record FlapJudge(WorkedPlan worked, Words words) {

    /** A hair more is nothing, mm. */
    private static final double HAIR = 0.05;

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        List<Link.Folded> hinges = worked.form().graph().hinges().stream().filter(this::carriesAFlap).toList();
        for (int i = 0; i < hinges.size(); i++) {
            for (Link.Folded other : hinges.subList(i + 1, hinges.size())) {
                int base = shared(hinges.get(i), other);
                if (base >= 0 && fold(hinges.get(i)) == 180 && fold(other) == 180 && isSameWay(hinges.get(i), other)) {
                    flaps(end(hinges.get(i), base), end(other, base), findings);
                }
            }
        }
        return findings;
    }

    /** A flap hangs on one hinge and is glued to nothing. */
    private boolean carriesAFlap(Link.Folded hinge) {
        return Stream.of(hinge.from(), hinge.to()).anyMatch(panel -> worked.form().graph().links().stream()
                .filter(link -> link.from() == panel || link.to() == panel).count() == 1);
    }

    private void flaps(int one, int other, List<Finding> findings) {
        if (worked.form().graph().overs().stream().anyMatch(over -> over[0] == one && over[1] == other || over[0] == other && over[1] == one)) {
            return;
        }
        var placed = worked.form().closed().placed();
        Geometry common = placed.get(one).shadow().intersection(placed.get(other).shadow());
        Envelope box = common.getEnvelopeInternal();
        double lap = Math.min(box.getWidth(), box.getHeight());
        if (!common.isEmpty() && lap > HAIR) {
            findings.add(new Finding(Severity.NOTE, "fold", "%s is %s too wide: it lies on %s. Make one of them narrower by that."
                    .formatted(words.name(other), words.write(lap), words.name(one)), null));
        }
    }

    /** The panel that both hang on, one at each side of its middle; −1 when there is none. */
    private int shared(Link.Folded one, Link.Folded other) {
        int base = one.from() == other.from() || one.from() == other.to() ? one.from()
                : one.to() == other.from() || one.to() == other.to() ? one.to() : -1;
        if (base < 0 || worked.form().graph().pieceOf().get(one.from()).intValue() != worked.form().graph().pieceOf().get(other.from())) {
            return -1;
        }
        Stretch first = one.hinge().line();
        Stretch second = other.hinge().line();
        Point middle = worked.form().graph().panels().get(base).shape().getCentroid();
        boolean across = first.isUpright() && second.isUpright()
                && (first.from().x().millimetres() < middle.getX()) != (second.from().x().millimetres() < middle.getX());
        boolean up = first.isLevel() && second.isLevel()
                && (first.from().y().millimetres() < middle.getY()) != (second.from().y().millimetres() < middle.getY());
        return across || up ? base : -1;
    }

    private static int end(Link.Folded hinge, int base) {
        return hinge.from() == base ? hinge.to() : hinge.from();
    }

    private double fold(Link.Folded hinge) {
        return Math.abs(worked.form().flat().degreesAt(hinge));
    }

    private boolean isSameWay(Link.Folded one, Link.Folded other) {
        return worked.form().flat().degreesAt(one) == worked.form().flat().degreesAt(other);
    }
}
