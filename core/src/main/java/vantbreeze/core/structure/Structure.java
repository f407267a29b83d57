package vantbreeze.core.structure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** A way to build a card: what can be chosen about it, and the pieces that come of a choice. */
public interface Structure {

    /** How it is spoken of. */
    Title title();

    /** How plans name it. */
    default String id() {
        return title().id();
    }

    /** What the maker calls it. */
    default String name() {
        return title().name();
    }

    /** What can be measured, in the order in which it is asked. */
    List<Parameter> parameters();

    /** The measure of that id. */
    default Optional<Parameter> parameter(String id) {
        return parameters().stream()
                .filter(parameter -> parameter.id().equals(id))
                .findFirst();
    }

    /** What can be measured once these things are chosen. */
    default List<Parameter> asked(Measures measures) {
        return parameters().stream()
                .filter(parameter -> parameter.isAsked(measures))
                .toList();
    }

    /** What else can be chosen, in the order in which it is asked. */
    default List<Choice> choices() {
        return List.of();
    }

    /**
     * How long a measure is: as somebody said, or as it usually is.
     *
     * @throws IllegalArgumentException when nobody said it and it does not follow
     */
    default Length measure(String parameter, Measures measures) {
        Length said = measures.byId().get(parameter);
        return said != null ? said : usual(parameter, measures);
    }

    /**
     * How long a measure that {@linkplain Parameter#follows() follows} usually is with the others.
     *
     * @throws IllegalArgumentException when it does not follow, or there is none of that id
     */
    default Length usual(String parameter, Measures measures) {
        return measures.get(parameter);
    }

    /** How far {@code parameter} can go while the rest of {@code measures} stay. */
    Limits limits(String parameter, Measures measures);

    /** Whether every measure that is asked is within its limits. */
    default boolean allows(Measures measures) {
        return asked(measures).stream()
                .allMatch(parameter -> limits(parameter.id(), measures).allow(measure(parameter.id(), measures)));
    }

    /** {@code before} with one measure changed, and with it those that keep a proportion to it. */
    default Measures changed(Measures before, String parameter, Length length) {
        return before.with(parameter, length);
    }

    /**
     * {@code before} with one thing chosen otherwise; parts that no longer fit are brought to the nearest mark that
     * does.
     */
    default Measures rechosen(Measures before, String choice, String value, Ruler ruler) {
        Measures after = before.choosing(choice, value);
        // what is only now asked gives way before the rest does
        List<Parameter> newFirst = asked(after).stream()
                .sorted(Comparator.comparing(parameter -> parameter.isAsked(before)))
                .toList();
        for (Parameter parameter : newFirst) {
            if (parameter.isPart() && !parameter.isLeftTo(after)) {
                after = after.with(
                        parameter.id(), limits(parameter.id(), after).nearest(after.get(parameter.id()), ruler));
            }
        }
        return after;
    }

    /** The pieces to cut, and how they are glued. */
    Assembly assemble(Measures measures);

    /** The pose in which it goes in the envelope. */
    default Pose closed(Measures measures) {
        return Pose.closed();
    }

    /** The pose from which it closes: laid open or, where pieces are glued so that it can't lie open, standing. */
    default Pose opened(Measures measures) {
        return Pose.open();
    }

    /** The poses it goes through, the last of them closed. */
    default List<Station> stations(Measures measures) {
        return List.of(new Station("Open", opened(measures)), new Station("Closed", closed(measures)));
    }

    /**
     * How far along its way it shows best what it is, 0 at the first station and 1 closed; also how it is displayed.
     */
    default double showing() {
        return 2.0 / 3;
    }

    /**
     * How far the card leans back when it is open, degrees, becoming upright as it closes: one that stands on folds
     * alone.
     */
    default double lean() {
        return 0;
    }

    /** Whether it is put into an envelope; what goes round a card is not. */
    default boolean goesInEnvelope() {
        return true;
    }

    /** Whether a measure is set by the marks of the ruler; one that tells how large something else is need not be. */
    default boolean isSetByMarks(String parameter) {
        return true;
    }

    /** Whether it is displayed lying on the table; otherwise it stands. */
    default boolean lies() {
        return false;
    }

    /** Whether parts of it are of a shape that a die may cut. */
    default boolean takesDies() {
        return false;
    }

    /** What dies on hand would cut of it, the nearest to how it is now first; not all of it need be possible. */
    default List<DieOffer> offers(Dies dies, Measures measures) {
        return List.of();
    }

    /** What is possible with these measures but unwise. */
    default List<Advice> advice(Measures measures) {
        return List.of();
    }

    /** How large it is closed when nothing pokes out. */
    default Size finished(Measures measures) {
        return new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
    }

    /** The usual proportions for a card that measures {@code finished} when closed, on the marks of {@code ruler}. */
    Measures proportioned(Size finished, Ruler ruler);

    /** A finished width is a whole number of these, so that no panel needs a finer ruler than its division. */
    default Length widthStep(Length division) {
        return division;
    }
}
