package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.length.Ruler;

/**
 * All that a maker decided about a card's layers. A face is dressed at most once.
 *
 * @param all what lies where
 * @param beds what is glued otherwise than usual: on the mat, or on bare card
 */
public record Dressing(List<Dressed> all, Map<JoinId, Bed> beds) {

    /** Nothing on any panel. */
    public static final Dressing NONE = new Dressing(List.of(), Map.of());

    /** Most faces dressed; far more than any card has. */
    private static final int MOST = 500;

    /** @throws IllegalArgumentException in words for the maker, when a face is dressed twice */
    public Dressing {
        all = List.copyOf(all);
        beds = Collections.unmodifiableMap(new LinkedHashMap<>(beds));
        if (beds.size() > MOST) {
            throw new IllegalArgumentException(String.format(Locale.ROOT, "That is more than %d joins.", MOST));
        }
        Set<FaceName> seen = new HashSet<>();
        for (Dressed dressed : all) {
            for (FaceName face : dressed.faces()) {
                if (!seen.add(face)) {
                    throw new IllegalArgumentException(
                            "The panel %s is dressed twice. Take one of the two away.".formatted(face.panel()));
                }
            }
        }
        if (seen.size() > MOST) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "That is more than %d dressed panels.", MOST));
        }
    }

    /** Everything glued as usual. */
    public Dressing(List<Dressed> all) {
        this(all, Map.of());
    }

    /** The same with one join made on the mat, or on bare card; null for as usual. */
    public Dressing bedding(JoinId join, @Nullable Bed bed) {
        Map<JoinId, Bed> other = new LinkedHashMap<>(beds);
        if (bed == null) {
            other.remove(join);
        } else {
            other.put(join, bed);
        }
        return new Dressing(all, other);
    }

    /** What lies on a face. */
    public Optional<Dressed> on(FaceName face) {
        return all.stream().filter(dressed -> dressed.faces().contains(face)).findFirst();
    }

    /** The same with this on its faces, in place of what lay on any of them. */
    public Dressing with(Dressed dressed) {
        List<Dressed> others = new ArrayList<>();
        boolean placed = false;
        for (Dressed other : all) {
            if (other.faces().stream().noneMatch(dressed.faces()::contains)) {
                others.add(other);
            } else if (!placed) {
                others.add(dressed);
                placed = true;
            }
        }
        if (!placed) {
            others.add(dressed);
        }
        return new Dressing(others, beds);
    }

    /** The same with every paper under another id. */
    public Dressing renaming(UnaryOperator<String> papers) {
        return new Dressing(
                all.stream()
                        .map(dressed -> dressed.layered(dressed.layers().stream()
                                .map(layer -> layer.from(papers.apply(layer.paper())))
                                .toList()))
                        .toList(),
                beds);
    }

    /** The same without what is otherwise. */
    public Dressing keeping(Predicate<Dressed> wanted) {
        return new Dressing(all.stream().filter(wanted).toList(), beds);
    }

    /** The ids of all papers in it. */
    public Set<String> papers() {
        return all.stream()
                .flatMap(dressed -> dressed.layers().stream())
                .map(LayerChoice::paper)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The same with every border at the nearest mark of {@code ruler}, one division at least where there is any. */
    public Dressing on(Ruler ruler) {
        return new Dressing(
                all.stream()
                        .map(dressed -> dressed.layered(dressed.layers().stream()
                                .map(layer -> layer.on(ruler))
                                .toList()))
                        .toList(),
                beds);
    }

    /** The same with nothing on these faces. What ran across one of them is taken off the others too. */
    public Dressing without(Collection<FaceName> faces) {
        return new Dressing(
                all.stream()
                        .filter(dressed -> dressed.faces().stream().noneMatch(faces::contains))
                        .toList(),
                beds);
    }
}
