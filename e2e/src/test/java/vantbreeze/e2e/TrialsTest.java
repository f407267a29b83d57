package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vantbreeze.trials.DiskTrial;
import vantbreeze.trials.EndpointTrial;
import vantbreeze.trials.House;
import vantbreeze.trials.LoadTrial;
import vantbreeze.trials.ParserTrial;
import vantbreeze.trials.Tally;

/**
 * A small sample of each trial of docs/reliability.md; the kills are in {@link HouseInTroubleTest}. Times are told
 * there, not here.
 */
class TrialsTest {

    @TempDir
    private Path folder;

    @Test
    void readersReadOrRefuseInWords() throws Exception {
        Tally tally = new Tally();
        new ParserTrial(3, tally).run(4_000);
        assertThat(tally.broken()).isEmpty();
        assertThat(tally.count()).isEqualTo(4_000);
    }

    @Test
    void endpointsNeverAnswer500() throws Exception {
        Tally tally = new Tally();
        try (House house = Houses.start().in(folder)) {
            new EndpointTrial(house, 3, tally).run(600);
        }
        assertThat(tally.broken()).isEmpty();
        assertThat(tally.count()).isEqualTo(600);
    }

    @Test
    void aDaysLoadIsDoneWithoutAFault() throws Exception {
        LoadTrial.Outcome outcome = new LoadTrial(Houses.start(), folder).run(10);
        assertThat(outcome.requests()).isPositive();
        assertThat(outcome.looks()).isNotEmpty();
    }

    /** Where no small disk can be mounted it says so, and nothing is claimed. */
    @Test
    void disksThatTakeNothingLoseNothing() throws Exception {
        assertThat(new DiskTrial(Houses.start()).run()).isNotEmpty().noneMatch(line -> line.startsWith("NOT"));
    }
}
