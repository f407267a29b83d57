package vantbreeze.app.api;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.stock.Pictures;

/** Makers' own pictures of papers. */
@RestController
@RequestMapping("/api/stock/pictures")
class PictureController {

    /** A picture that was kept. */
    public record KeptPicture(String id) {}

    private final Pictures pictures;

    PictureController(Pictures pictures) {
        this.pictures = pictures;
    }

    /** Takes the file's bytes as they are; what is beyond the limit is never read. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    KeptPicture keep(HttpServletRequest request) throws IOException {
        return new KeptPicture(pictures.keep(request.getInputStream().readNBytes(Pictures.LARGEST + 1)));
    }

    @GetMapping("/{id}")
    ResponseEntity<byte[]> picture(@PathVariable UUID id) {
        byte[] content = pictures.find(id).orElseThrow(() -> new NotHere("There is no such picture here."));
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(content);
    }
}
