package vantbreeze.core.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What there is to glue with: the usual ones, the maker's own, and what is missing. */
class AdhesivesTest {

    private static final Adhesive PASTE =
            new Adhesive("own-paste", "Kite paste", Adhesive.Kind.WET, 120, 1_800, List.of());

    private static Adhesive slower() {
        Adhesive wet = Adhesive.usual(Adhesive.Kind.WET);
        return new Adhesive(wet.id(), "Wet glue, slow", wet.kind(), 90, 900, wet.cautions());
    }

    @Test
    void aUsualOneIsChangedAndIsAsUsualAgain() {
        Adhesive wet = Adhesive.usual(Adhesive.Kind.WET);
        Adhesives changed = Adhesives.USUAL.with(slower());
        assertThat(changed.all())
                .hasSameSizeAs(Adhesive.USUAL)
                .contains(slower())
                .doesNotContain(wet);
        assertThat(changed.find(wet.id())).contains(slower());
        assertThat(changed.without(wet.id())).isEqualTo(Adhesives.USUAL);
        // typed as usual, it is
        assertThat(changed.with(wet)).isEqualTo(Adhesives.USUAL);
    }

    @Test
    void oneOfTheMakersOwnComesFirstAndMayBeMissing() {
        Adhesives with = Adhesives.USUAL.with(PASTE);
        assertThat(with.all()).hasSize(Adhesive.USUAL.size() + 1).endsWith(PASTE);
        assertThat(with.onHand(Adhesive.Kind.WET)).contains(PASTE);
        Adhesives out = with.missing(Set.of(PASTE.id()));
        assertThat(out.onHand(Adhesive.Kind.WET)).contains(Adhesive.usual(Adhesive.Kind.WET));
        assertThat(out.isOnHand(PASTE)).isFalse();
        assertThat(out.find(PASTE.id())).contains(PASTE);
    }

    @Test
    void whatMakesNoSenseIsRefused() {
        assertThatThrownBy(() -> new Adhesives(List.of(PASTE, PASTE), Set.of())).hasMessageContaining("same id");
        List<Adhesive> many = IntStream.rangeClosed(0, Adhesives.MOST)
                .mapToObj(i -> new Adhesive("own-" + i, "Paste " + i, Adhesive.Kind.WET, 0, 0, List.of()))
                .toList();
        assertThatThrownBy(() -> new Adhesives(many, Set.of())).hasMessageContaining("more than 40 adhesives");
        assertThatThrownBy(() -> new Adhesive("a", " ", Adhesive.Kind.WET, 0, 0, List.of()))
                .hasMessageContaining("name");
        assertThatThrownBy(() -> new Adhesive("a", "Paste", Adhesive.Kind.WET, -1, 0, List.of()))
                .hasMessageContaining("at most 24 h");
        assertThatThrownBy(() -> new Adhesive("a", "Paste", Adhesive.Kind.WET, 0, 0, Collections.nCopies(7, "mind")))
                .hasMessageContaining("At most 6 cautions");
    }
}
