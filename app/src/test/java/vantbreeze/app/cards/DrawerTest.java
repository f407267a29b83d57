package vantbreeze.app.cards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.test.util.ReflectionTestUtils;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.app.store.CardLists;
import vantbreeze.app.store.StoredCard;
import vantbreeze.app.store.StoredCards;
import vantbreeze.app.store.StoredVersions;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.ZFold;
import vantbreeze.exchange.document.PlanDocument;

class DrawerTest {

    private static final Plan PLAN = Plan.of(
            "Kite day", "z-fold", new ZFold().proportioned(Size.ofMillimetres(120, 90), Ruler.MM_1), Ruler.MM_1);

    private final StoredCards stored = mock(StoredCards.class);
    private final Drawer drawer = new Drawer(
            stored,
            mock(StoredVersions.class),
            mock(CardLists.class),
            room(),
            new Wrappings(stored, room()),
            Clock.systemUTC());

    private static StockRoom room() {
        StockRoom room = mock(StockRoom.class);
        when(room.workshop()).thenReturn(Workshop.standard());
        return room;
    }

    private final UUID id = UUID.randomUUID();
    private final StoredCard card = new StoredCard(id, PLAN.name(), PlanDocument.write(PLAN), Instant.EPOCH);

    @BeforeEach
    void oneCardAtRevisionThree() {
        ReflectionTestUtils.setField(card, "revision", 3);
        when(stored.findById(id)).thenReturn(Optional.of(card));
        when(stored.saveAndFlush(card)).thenReturn(card);
    }

    @Test
    void aChangeIsWrittenAsADocument() {
        drawer.change(id, 3, SetField.to("name", "Kite night"));
        assertThat(card.name()).isEqualTo("Kite night");
        assertThat(PlanDocument.read(card.document()).name()).isEqualTo("Kite night");
    }

    @Test
    void aChangeThatChangesNothingIsNotSaved() {
        drawer.change(id, 3, SetField.to("name", PLAN.name()));
        verify(stored, never()).saveAndFlush(any());
    }

    @Test
    void aChangeOfAnOlderStateIsRefused() {
        assertThatThrownBy(() -> drawer.change(id, 2, SetField.to("name", "x"))).isInstanceOf(ChangedElsewhere.class);
        assertThat(card.name()).isEqualTo("Kite day");
    }

    @Test
    void aRaceLostAtTheDatabaseIsToldTheSameWay() {
        when(stored.saveAndFlush(card)).thenThrow(new OptimisticLockingFailureException("raced"));
        assertThatThrownBy(() -> drawer.change(id, 3, SetField.to("name", "x"))).isInstanceOf(ChangedElsewhere.class);
    }

    @Test
    void whatCannotBeWorkedOutIsNotKept() {
        Plan bad = PLAN.withMeasures(PLAN.measures().with("leg", Length.ofMillimetres(500)));
        assertThatThrownBy(() -> drawer.change(id, 3, SetField.to("leg", "500 mm")))
                .isInstanceOf(ValidationException.class);
        assertThatThrownBy(() -> drawer.add(bad)).isInstanceOf(ValidationException.class);
        verify(stored, never()).saveAndFlush(any());
    }

    @Test
    void aCardPutAsideIsGoneUntilItIsBroughtBack() {
        drawer.delete(id);
        assertThatThrownBy(() -> drawer.card(id)).isInstanceOf(CardGone.class);
        drawer.restore(id);
        assertThat(drawer.card(id).plan()).isEqualTo(PLAN);
    }
}
