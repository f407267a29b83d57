package vantbreeze.core.extra;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.LruCache;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Advice;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.DieOffer;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowances;

/**
 * A structure that carries more than itself. To all who ask it is one structure, with the measures of both.
 *
 * @param base what carries
 * @param extras what is set on it
 * @param allowances with which that is made
 */
public record Extended(Structure base, Extras extras, Allowances allowances) implements Structure {

    /** Cards that were built last: limits, pieces and poses are asked for one after the other. */
    private static final LruCache<Asked, Carrying> BUILT = new LruCache<>(64);

    private static final LruCache<Asked, List<Pose>> POSED = new LruCache<>(64);

    private record Asked(Extended structure, Measures measures) {}

    private Carrying built(Measures measures) {
        return BUILT.of(new Asked(this, measures), () -> Carrying.of(base, extras, measures, allowances));
    }

    /** Open, then at each station; the last of them closed. */
    private List<Pose> posed(Measures measures) {
        return POSED.of(new Asked(this, measures), () -> {
            Carrying built = built(measures);
            List<Station> stations = base.stations(measures);
            List<Pose> poses = new ArrayList<>();
            poses.add(built.posed(base.opened(measures), false));
            for (int i = 0; i < stations.size(); i++) {
                boolean closed = i == stations.size() - 1;
                poses.add(built.posed(
                        closed ? base.closed(measures) : stations.get(i).pose(), closed));
            }
            return List.copyOf(poses);
        });
    }

    /** The extras whose panels the card has not, with these measures and choices. */
    public List<Extra> missing(Measures measures) {
        if (!base.allows(measures)) {
            return List.of();
        }
        List<Extra> fitted =
                built(measures).fitted().stream().map(Fitted::extra).toList();
        boolean stopped = built(measures).steps().size() < fitted.size();
        return stopped
                ? List.of()
                : extras.all().stream().filter(extra -> !fitted.contains(extra)).toList();
    }

    /** Why an extra can't be built with its measures as they are; empty when it can. */
    public Optional<String> refusal(Extra extra, Measures measures) {
        return fitted(extra, measures).refusal();
    }

    @Override
    public Title title() {
        return base.title();
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(base.parameters());
        extras.all().forEach(extra -> all.addAll(parameters(extra)));
        return all;
    }

    private static List<Parameter> parameters(Extra extra) {
        return ExtraKinds.find(extra.kind()).map(ExtraKind::measures).orElse(List.of()).stream()
                .map(measure -> measure.of(extra))
                .toList();
    }

    @Override
    public List<Parameter> asked(Measures measures) {
        List<Parameter> asked = new ArrayList<>(base.asked(measures));
        if (base.allows(measures)) {
            built(measures).fitted().forEach(fitted -> parameters(fitted.extra()).stream()
                    .filter(parameter -> parameter.isAsked(measures))
                    .forEach(asked::add));
        }
        return asked;
    }

    @Override
    public List<Choice> choices() {
        List<Choice> all = new ArrayList<>(base.choices());
        extras.all().forEach(extra -> ExtraKinds.find(extra.kind()).map(ExtraKind::choices).orElse(List.of()).stream()
                .map(choice -> Measure.of(extra, choice))
                .forEach(all::add));
        return all;
    }

    private Fitted fitted(Extra extra, Measures measures) {
        return built(measures)
                .of(extra)
                .orElseThrow(
                        () -> new IllegalArgumentException("\"%s\" has nothing to stand on.".formatted(extra.name())));
    }

    private static String own(Extra extra, String parameter) {
        return parameter.substring(extra.id().length() + 1);
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        Optional<Extra> extra = extras.having(parameter);
        if (extra.isEmpty()) {
            return base.usual(parameter, measures);
        }
        Fitted at = fitted(extra.get(), measures);
        return at.kind().usual(own(extra.get(), parameter), at);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Optional<Extra> extra = extras.having(parameter);
        if (extra.isEmpty()) {
            return base.limits(parameter, measures);
        }
        Fitted at = fitted(extra.get(), measures);
        return at.kind().limits(own(extra.get(), parameter), at);
    }

    @Override
    public Measures changed(Measures before, String parameter, Length length) {
        return extras.having(parameter).isPresent()
                ? before.with(parameter, length)
                : base.changed(before, parameter, length);
    }

    @Override
    public Measures rechosen(Measures before, String choice, String value, Ruler ruler) {
        return extras.having(choice).isPresent()
                ? before.choosing(choice, value)
                : base.rechosen(before, choice, value, ruler);
    }

    @Override
    public Assembly assemble(Measures measures) {
        return built(measures).assembly();
    }

    @Override
    public Pose closed(Measures measures) {
        List<Pose> poses = posed(measures);
        return poses.get(poses.size() - 1);
    }

    @Override
    public Pose opened(Measures measures) {
        return posed(measures).get(0);
    }

    @Override
    public List<Station> stations(Measures measures) {
        List<Station> own = base.stations(measures);
        List<Pose> poses = posed(measures);
        List<Station> stations = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            stations.add(new Station(own.get(i).name(), poses.get(i + 1)));
        }
        return stations;
    }

    @Override
    public double showing() {
        return base.showing();
    }

    @Override
    public double lean() {
        return base.lean();
    }

    @Override
    public boolean lies() {
        return base.lies();
    }

    @Override
    public boolean takesDies() {
        return base.takesDies()
                || extras.all().stream()
                        .flatMap(extra -> ExtraKinds.find(extra.kind()).stream())
                        .anyMatch(ExtraKind::takesDies);
    }

    @Override
    public List<DieOffer> offers(Dies dies, Measures measures) {
        List<DieOffer> offers = new ArrayList<>(base.offers(dies, measures));
        built(measures).fitted().forEach(at -> at.kind().offers(dies, at).forEach(offers::add));
        return offers;
    }

    @Override
    public List<Advice> advice(Measures measures) {
        List<Advice> advice = new ArrayList<>(base.advice(measures));
        missing(measures)
                .forEach(extra -> advice.add(new Advice(
                        "extras",
                        null,
                        "%s has nothing to stand on: %s is not on this card any more. Take it off, or bring that back."
                                .formatted(extra.name(), extra.on().inWords())
                                .replace("%", "%%"),
                        List.of())));
        return advice;
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return base.proportioned(finished, ruler);
    }

    @Override
    public Length widthStep(Length division) {
        return base.widthStep(division);
    }
}
