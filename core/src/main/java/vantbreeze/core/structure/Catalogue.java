package vantbreeze.core.structure;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import vantbreeze.core.tool.Allowances;

/** The structures to choose from, each made with a maker's allowances. */
public final class Catalogue {

    private static final List<Function<Allowances, Structure>> FULL = List.of(
            ZFold::new,
            DoubleZFold::new,
            SideFold::new,
            WFold::new,
            CornerFlip::new,
            Gatefold::new,
            RingLock::new,
            DoubleOpening::new,
            TuckedGatefold::new,
            Concertina::new,
            FoldBackGate::new,
            ExplodingGatefold::new,
            StepCard::new,
            SlitTower::new,
            SlitGatefold::new,
            InvertedZ::new,
            OffsetZ::new,
            GabledConcertina::new,
            ConcertinaFan::new,
            Pocket::new,
            NeverEnding::new,
            StageCard::new,
            Bridge::new,
            PillarCard::new,
            FloatingBook::new,
            TieredStage::new,
            SpringMount::new,
            GraduatedSilhouettes::new,
            ShapedGate::new,
            ThreadedConcertina::new);

    private static final Catalogue USUAL = new Catalogue(FULL, Allowances.usual());

    private final List<Function<Allowances, Structure>> makers;
    private final List<Structure> all;

    private Catalogue(List<Function<Allowances, Structure>> makers, Allowances allowances) {
        this.makers = makers;
        this.all = makers.stream().map(maker -> maker.apply(allowances)).toList();
    }

    /** These structures, which are the same whatever a maker allows. */
    public Catalogue(List<Structure> all) {
        this(
                all.stream()
                        .<Function<Allowances, Structure>>map(structure -> allowances -> structure)
                        .toList(),
                Allowances.usual());
    }

    /** These, made with a maker's allowances. */
    public static Catalogue of(List<Function<Allowances, Structure>> makers, Allowances allowances) {
        return new Catalogue(List.copyOf(makers), allowances);
    }

    /** Every structure of the house, with the usual allowances of the trade. */
    public static Catalogue full() {
        return USUAL;
    }

    /** The same structures with a maker's allowances. */
    public Catalogue with(Allowances allowances) {
        return new Catalogue(makers, allowances);
    }

    /** In the order in which they are shown. */
    public List<Structure> all() {
        return all;
    }

    /** The structure with this id. */
    public Optional<Structure> find(String id) {
        return all.stream().filter(structure -> structure.id().equals(id)).findFirst();
    }
}
