package vantbreeze.app.api;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import vantbreeze.app.door.Passcode;
import vantbreeze.app.house.HouseState;
import vantbreeze.app.safekeeping.Copies;
import vantbreeze.app.safekeeping.Copy;
import vantbreeze.app.safekeeping.RestorePlan;

/** The house as a whole: how it is, its backups and copies. */
@RestController
@RequestMapping("/api")
class HouseController {

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    /**
     * How the house is.
     *
     * @param words what the maker should know; empty while all is well
     * @param passcode whether a passcode was asked for
     */
    public record HouseView(HouseState.Access access, String words, boolean passcode) {}

    /** A copy in the folder of copies. */
    public record CopyView(String name, Copy.Why why, Instant made, long bytes) {
        static CopyView of(Copy copy) {
            return new CopyView(copy.name(), copy.why(), copy.made(), copy.bytes());
        }
    }

    /** What putting a copy back would do, or did. */
    public record RestoreView(
            Instant made,
            int cards,
            List<String> back,
            List<String> changed,
            List<String> aside,
            int same,
            boolean stock,
            int versions,
            int pictures,
            boolean nothing) {
        static RestoreView of(RestorePlan plan) {
            return new RestoreView(
                    plan.made(),
                    plan.cards(),
                    plan.back(),
                    plan.changed(),
                    plan.aside(),
                    plan.same(),
                    plan.stock(),
                    plan.versions(),
                    plan.pictures(),
                    plan.isNothing());
        }
    }

    /** What was put back, and the copy that undoes it. */
    public record RestoredView(RestoreView done, String undo) {}

    private final HouseState state;
    private final Passcode passcode;
    private final Copies copies;

    HouseController(HouseState state, Passcode passcode, Copies copies) {
        this.state = state;
        this.passcode = passcode;
        this.copies = copies;
    }

    @GetMapping("/house")
    HouseView house() {
        return new HouseView(state.access(), state.words(), passcode.isAsked());
    }

    /** Everything in one file. */
    @GetMapping("/backup")
    ResponseEntity<StreamingResponseBody> backup() {
        return ResponseEntity.ok()
                .contentType(ZIP)
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(copies.todaysName()))
                .body(copies::write);
    }

    @GetMapping("/copies")
    List<CopyView> copies() {
        return copies.all().stream().map(CopyView::of).toList();
    }

    @GetMapping("/copies/{name}")
    ResponseEntity<Resource> copy(@PathVariable String name) {
        return ResponseEntity.ok()
                .contentType(ZIP)
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(name))
                .body(new FileSystemResource(file(name)));
    }

    /** What putting a copy back would do; nothing is changed. */
    @GetMapping("/copies/{name}/planned")
    RestoreView planned(@PathVariable String name) throws IOException {
        return RestoreView.of(copies.planned(file(name)));
    }

    /** Takes in a backup's bytes, to be looked at and put back. */
    @PostMapping(value = "/restore", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    CopyView bring(HttpServletRequest request) throws IOException {
        return CopyView.of(copies.bring(request.getInputStream()));
    }

    /** Puts a copy back. */
    @PostMapping("/copies/{name}/restored")
    RestoredView restore(@PathVariable String name) throws IOException {
        Copies.Restored restored = copies.restore(file(name));
        return new RestoredView(RestoreView.of(restored.done()), restored.undo());
    }

    private Path file(String name) {
        return copies.file(name)
                .orElseThrow(() -> new NotHere("There is no such copy here any more. Look at the list again."));
    }

    private static String attached(String name) {
        return ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
