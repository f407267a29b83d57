package vantbreeze.app.api;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file that leaves the house, named after its card. */
final class Download {

    private Download() {}

    /**
     * The answer with the file.
     *
     * @param called the card's name
     * @param ending after the card's name
     * @param how attachment, or inline to be shown
     */
    static ResponseEntity<byte[]> of(String called, String ending, MediaType type, String how, byte[] content) {
        String name = called.replaceAll("[^\\p{L}\\p{N} ._-]", "").strip();
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.builder(how)
                                .filename((name.isEmpty() ? "card" : name) + ending, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(content);
    }
}
