package vantbreeze.exchange.document;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.io.Serial;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Reads and writes documents, within limits that no document reaches: what goes beyond is refused before it costs time
 * or memory.
 */
final class DocumentJson {

    /** Longest text taken, characters: beside the document, papers' pictures that a plan brings along. */
    private static final int LONGEST = 12_000_000;
    /** Most brackets, names and values. */
    private static final int MOST_TOKENS = 200_000;

    private static final int DEEPEST = 30;
    private static final int LONGEST_NAME = 200;

    private DocumentJson() {}

    /**
     * Maps records of documents: fields it does not know are passed over, lists and texts that are not there are empty,
     * and names of kinds are written small.
     */
    static ObjectMapper ofRecords() {
        ObjectMapper mapper = mapper();
        JsonSetter.Value emptyIfMissing = JsonSetter.Value.construct(Nulls.AS_EMPTY, Nulls.FAIL);
        mapper.configOverride(List.class).setSetterInfo(emptyIfMissing);
        mapper.configOverride(Map.class).setSetterInfo(emptyIfMissing);
        mapper.configOverride(String.class).setSetterInfo(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY));
        return mapper.setConfig(mapper.getDeserializationConfig()
                        .without(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                        .with(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS))
                .registerModule(new SimpleModule().addSerializer(Enum.class, new Small()));
    }

    /**
     * Names of kinds written small, in any country alike: where i has no dot, Jackson's own would write
     * "mounta\u0131n".
     */
    @SuppressWarnings("rawtypes") // enums of every kind
    private static final class Small extends StdSerializer<Enum> {

        @Serial
        private static final long serialVersionUID = 1;

        Small() {
            super(Enum.class);
        }

        @Override
        public void serialize(Enum value, JsonGenerator json, SerializerProvider provider) throws IOException {
            json.writeString(value.name().toLowerCase(Locale.ROOT));
        }
    }

    static ObjectMapper mapper() {
        StreamReadConstraints limits = StreamReadConstraints.builder()
                .maxNestingDepth(DEEPEST)
                .maxTokenCount(MOST_TOKENS)
                .maxNameLength(LONGEST_NAME)
                .maxNumberLength(100)
                .maxStringLength(LONGEST)
                .maxDocumentLength(LONGEST)
                .build();
        // names made up by others are not kept for good
        return new ObjectMapper(JsonFactory.builder()
                .streamReadConstraints(limits)
                .disable(JsonFactory.Feature.INTERN_FIELD_NAMES)
                .disable(JsonFactory.Feature.CANONICALIZE_FIELD_NAMES)
                .build());
    }
}
