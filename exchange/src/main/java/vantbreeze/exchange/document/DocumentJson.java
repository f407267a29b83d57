package vantbreeze.exchange.document;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.ObjectMapper;

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
