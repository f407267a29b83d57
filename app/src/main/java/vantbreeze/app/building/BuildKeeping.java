package vantbreeze.app.building;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import vantbreeze.app.store.StoredProgress;
import vantbreeze.app.store.StoredProgresses;
import vantbreeze.core.build.Progress;

/** Keeps how far each card is built, so that another device goes on where this one stopped. */
@Service
public class BuildKeeping {

    private static final Logger LOG = LoggerFactory.getLogger(BuildKeeping.class);

    private final StoredProgresses stored;
    private final JsonMapper json = JsonMapper.builder()
            .addModule(new JavaTimeModule())
            // what was kept before anything could be measured has no measures
            .withConfigOverride(Map.class, map -> map.setSetterInfo(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY)))
            .build();

    BuildKeeping(StoredProgresses stored) {
        this.stored = stored;
    }

    /** How far a card is; of one that can't be read any more it is told in the log, and begun anew. */
    public Progress of(UUID card) {
        return stored.findById(card).map(this::read).orElse(Progress.NONE);
    }

    private Progress read(StoredProgress kept) {
        try {
            return json.readValue(kept.document(), Progress.class);
        } catch (JsonProcessingException garbled) {
            LOG.warn("How far a card is built can't be read; it begins anew.", garbled);
            return Progress.NONE;
        }
    }

    /** Changes it; one after the other, whoever asks. */
    public synchronized Progress change(UUID card, UnaryOperator<Progress> change) {
        Progress after = change.apply(of(card));
        try {
            stored.saveAndFlush(new StoredProgress(card, json.writeValueAsString(after)));
        } catch (JsonProcessingException unwritten) {
            throw new IllegalStateException("it can't be written", unwritten);
        }
        return after;
    }
}
