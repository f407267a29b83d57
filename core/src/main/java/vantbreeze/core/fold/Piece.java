package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.paper.Material;
import vantbreeze.core.paper.Size;

/**
 * A flat piece of paper as it is cut, decorated side up, with its creases and slits.
 *
 * @param name what the maker calls it
 * @param outline its corners in turn, the last joined to the first
 * @param creases where it is scored
 * @param slits cuts that stop inside
 * @param panelNames names for some of its panels
 * @param openings corners of each hole cut out of it
 * @param material what it is cut from
 */
public record Piece(
        String name,
        List<Spot> outline,
        List<Crease> creases,
        List<Stretch> slits,
        List<PanelName> panelNames,
        List<List<Spot>> openings,
        Material material) {

    public Piece {
        outline = List.copyOf(outline);
        creases = List.copyOf(creases);
        slits = List.copyOf(slits);
        panelNames = List.copyOf(panelNames);
        openings = openings.stream().map(List::copyOf).toList();
    }

    /** A piece of card. */
    public Piece(
            String name,
            List<Spot> outline,
            List<Crease> creases,
            List<Stretch> slits,
            List<PanelName> panelNames,
            List<List<Spot>> openings) {
        this(name, outline, creases, slits, panelNames, openings, Material.CARD);
    }

    /** A piece of card without holes. */
    public Piece(
            String name, List<Spot> outline, List<Crease> creases, List<Stretch> slits, List<PanelName> panelNames) {
        this(name, outline, creases, slits, panelNames, List.of());
    }

    /** The same with a hole cut out. */
    public Piece withOpening(List<Spot> corners) {
        List<List<Spot>> more = new ArrayList<>(openings);
        more.add(corners);
        return new Piece(name, outline, creases, slits, panelNames, more, material);
    }

    /** The same with these names for its panels. */
    public Piece named(List<PanelName> names) {
        return new Piece(name, outline, creases, slits, names, openings, material);
    }

    /** The same cut from something else. */
    public Piece of(Material other) {
        return new Piece(name, outline, creases, slits, panelNames, openings, other);
    }

    /** Every place that is drawn on it: corners of its outline and its holes, ends of its scores and slits. */
    public List<Spot> spots() {
        List<Spot> spots = new ArrayList<>(outline);
        openings.forEach(spots::addAll);
        creases.forEach(crease ->
                spots.addAll(List.of(crease.line().from(), crease.line().to())));
        slits.forEach(slit -> spots.addAll(List.of(slit.from(), slit.to())));
        return spots;
    }

    /** How far its outline reaches on its sheet. */
    public Extent extent() {
        return Extent.of(outline);
    }

    /** The smallest upright rectangle it can be cut from. */
    public Size cutSize() {
        return extent().size();
    }
}
