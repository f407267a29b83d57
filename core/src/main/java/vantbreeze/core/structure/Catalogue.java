package vantbreeze.core.structure;

import java.util.List;
import java.util.Optional;

/** The structures that can be chosen from. */
public record Catalogue(List<Structure> all) {

    public Catalogue {
        all = List.copyOf(all);
    }

    /** Every structure of the house. */
    public static Catalogue full() {
        return new Catalogue(List.of(
                new ZFold(),
                new DoubleZFold(),
                new SideFold(),
                new WFold(),
                new CornerFlip(),
                new Gatefold(),
                new RingLock(),
                new DoubleOpening(),
                new TuckedGatefold(),
                new Concertina(),
                new FoldBackGate(),
                new ExplodingGatefold(),
                new StepCard(),
                new SlitTower(),
                new InvertedZ(),
                new GabledConcertina(),
                new ConcertinaFan(),
                new Pocket(),
                new NeverEnding(),
                new StageCard(),
                new Bridge(),
                new PillarCard(),
                new FloatingBook(),
                new TieredStage(),
                new SpringMount(),
                new GraduatedSilhouettes(),
                new ShapedGate(),
                new ThreadedConcertina()));
    }

    /** The structure with this id. */
    public Optional<Structure> find(String id) {
        return all.stream().filter(structure -> structure.id().equals(id)).findFirst();
    }
}
