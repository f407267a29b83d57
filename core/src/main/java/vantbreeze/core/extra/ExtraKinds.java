package vantbreeze.core.extra;

import java.util.List;
import java.util.Optional;

/** Everything that can be set on a card. */
final class ExtraKinds {

    /** In the order in which it is offered. */
    static final List<ExtraKind> ALL = List.of(
            SheetKind.topper(),
            new MountKind(),
            new FigureKind(),
            new PopOutKind(),
            new SwingKind(),
            new BandKind(),
            SheetKind.insert(),
            new SmallCardKind());

    private ExtraKinds() {}

    static Optional<ExtraKind> find(String id) {
        return ALL.stream().filter(kind -> kind.id().equals(id)).findFirst();
    }
}
