package vantbreeze.core.tool;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * All there is to glue with: the usual ones, some of them as the maker has them, and the maker's own.
 *
 * @param own what is kept of the maker's; one under a usual one's id stands in for it
 * @param missing ids of those that are not on hand
 */
public record Adhesives(List<Adhesive> own, Set<String> missing) {

    /** The usual ones, all on hand. */
    public static final Adhesives USUAL = new Adhesives(List.of(), Set.of());

    /** Most of the maker's own. */
    public static final int MOST = 40;

    /** @throws IllegalArgumentException in words for the maker, when there are too many or two share an id */
    public Adhesives {
        own = List.copyOf(own);
        missing = Set.copyOf(missing);
        if (own.size() > MOST) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "That is more than %d adhesives. Remove some first.", MOST));
        }
        if (new HashSet<>(own.stream().map(Adhesive::id).toList()).size() < own.size()) {
            throw new IllegalArgumentException("Two adhesives are kept under the same id. Give one of them another.");
        }
    }

    /** On hand or not, the usual ones first. */
    public List<Adhesive> all() {
        List<Adhesive> all = new ArrayList<>();
        Adhesive.USUAL.forEach(usual -> all.add(owned(usual.id()).orElse(usual)));
        own.stream().filter(one -> Adhesive.usual(one.id()).isEmpty()).forEach(all::add);
        return all;
    }

    /** The one of that id, on hand or not. */
    public Optional<Adhesive> find(String id) {
        return owned(id).or(() -> Adhesive.usual(id));
    }

    private Optional<Adhesive> owned(String id) {
        return own.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** Whether there is some. */
    public boolean isOnHand(Adhesive adhesive) {
        return !missing.contains(adhesive.id());
    }

    /** The usual one of a kind, on hand or not. */
    public Adhesive usual(Adhesive.Kind kind) {
        Adhesive usual = Adhesive.usual(kind);
        return find(usual.id()).orElse(usual);
    }

    /** The first of a kind that is on hand; the maker's own before the usual ones. */
    public Optional<Adhesive> onHand(Adhesive.Kind kind) {
        List<Adhesive> before = new ArrayList<>(own);
        before.addAll(all());
        return before.stream()
                .filter(one -> one.kind() == kind && isOnHand(one))
                .findFirst();
    }

    /** The same with one more, or one changed; one that is as usual again is not kept. */
    public Adhesives with(Adhesive adhesive) {
        List<Adhesive> all = new ArrayList<>();
        boolean isKept = false;
        for (Adhesive one : own) {
            boolean same = one.id().equals(adhesive.id());
            all.add(same ? adhesive : one);
            isKept |= same;
        }
        if (!isKept) {
            all.add(adhesive);
        }
        all.removeIf(Adhesive.USUAL::contains);
        return new Adhesives(all, missing);
    }

    /** The same without one of the maker's own, or with a usual one as it is usual. */
    public Adhesives without(String id) {
        return new Adhesives(own.stream().filter(one -> !one.id().equals(id)).toList(), missing);
    }

    /** The same with no others missing than those. */
    public Adhesives missing(Collection<String> ids) {
        return new Adhesives(own, new LinkedHashSet<>(ids));
    }
}
