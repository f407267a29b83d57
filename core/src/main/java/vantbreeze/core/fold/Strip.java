package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;

/** Puts together the commonest piece: a strip with scores straight across, panel by panel from the left. */
public final class Strip {

    private final String name;
    private final Length height;
    private final List<Crease> creases = new ArrayList<>();
    private final List<PanelName> names = new ArrayList<>();
    private Length end = Length.ZERO;
    private @Nullable Fold pending;

    private Strip(String name, Length height) {
        this.name = name;
        this.height = height;
    }

    /** Begins a strip of this height. */
    public static Strip ofHeight(String name, Length height) {
        return new Strip(name, height);
    }

    /** Adds a panel to the right. */
    public Strip panel(String panelName, Length width) {
        if (pending != null) {
            creases.add(new Crease(new Stretch(new Spot(end, Length.ZERO), new Spot(end, height)), pending));
            pending = null;
        }
        Spot middle = new Spot(end.plus(width.dividedBy(2)), height.dividedBy(2));
        names.add(new PanelName(middle, panelName));
        end = end.plus(width);
        return this;
    }

    /** Says which way the score behind the last panel folds. */
    public Strip fold(Fold fold) {
        pending = fold;
        return this;
    }

    /** The finished piece. */
    public Piece piece() {
        List<Spot> outline = List.of(
                new Spot(Length.ZERO, Length.ZERO),
                new Spot(end, Length.ZERO),
                new Spot(end, height),
                new Spot(Length.ZERO, height));
        return new Piece(name, outline, creases, List.of(), names);
    }
}
