package vantbreeze.core.recognition;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;

/**
 * The same card drawn another way round.
 *
 * @param quarters how far each piece is turned anticlockwise, quarters
 * @param mirrored whether left is right before that
 * @param over whether it is so because the paper is turned over: folds and sides change too
 */
record Turning(int quarters, boolean mirrored, boolean over) {

    /** As it is first; then upside down, on its side, mirrored, turned over. */
    static final List<Turning> ALL = all();

    private static List<Turning> all() {
        List<Turning> all = new ArrayList<>();
        for (int quarters : List.of(0, 2, 1, 3)) {
            all.add(new Turning(quarters, false, false));
        }
        for (boolean over : List.of(false, true)) {
            for (int quarters : List.of(0, 2, 1, 3)) {
                all.add(new Turning(quarters, true, over));
            }
        }
        return List.copyOf(all);
    }

    boolean isNone() {
        return quarters == 0 && !mirrored;
    }

    Assembly of(Assembly drawn) {
        if (isNone()) {
            return drawn;
        }
        return new Assembly(
                drawn.pieces().stream().map(this::of).toList(),
                drawn.joins().stream().map(this::of).toList());
    }

    Spot of(Spot spot) {
        Spot turned = mirrored ? new Spot(spot.x().negated(), spot.y()) : spot;
        return switch (quarters) {
            case 1 -> new Spot(turned.y().negated(), turned.x());
            case 2 -> new Spot(turned.x().negated(), turned.y().negated());
            case 3 -> new Spot(turned.y(), turned.x().negated());
            default -> turned;
        };
    }

    private Piece of(Piece piece) {
        return new Piece(
                piece.name(),
                piece.outline().stream().map(this::of).toList(),
                piece.creases().stream()
                        .map(crease -> new Crease(of(crease.line()), of(crease.fold())))
                        .toList(),
                piece.slits().stream().map(this::of).toList(),
                piece.panelNames().stream()
                        .map(name -> new PanelName(of(name.within()), name.name()))
                        .toList(),
                piece.openings().stream()
                        .map(hole -> hole.stream().map(this::of).toList())
                        .toList(),
                piece.material());
    }

    private Stretch of(Stretch line) {
        return new Stretch(of(line.from()), of(line.to()));
    }

    private Fold of(Fold fold) {
        if (!over) {
            return fold;
        }
        return switch (fold) {
            case VALLEY -> Fold.MOUNTAIN;
            case MOUNTAIN -> Fold.VALLEY;
            case UNASSIGNED, BEND -> fold;
        };
    }

    private Side of(Side side) {
        return over ? side.other() : side;
    }

    /**
     * Mirrored, a turn goes the other way; where a piece is laid on turned over, turning both sheets turns it by twice
     * as much more.
     */
    private Join of(Join join) {
        double turn = mirrored ? -join.at().turnDegrees() : join.at().turnDegrees();
        double more = join.onSide() == join.gluedSide() ? 2 * 90.0 * quarters : 0;
        return new Join(
                join.on(),
                of(join.onSide()),
                join.glued(),
                of(join.gluedSide()),
                new Attachment(of(join.at().on()), of(join.at().glued()), turn + more),
                join.slides(),
                join.area().stream().map(this::of).toList(),
                join.foam());
    }
}
