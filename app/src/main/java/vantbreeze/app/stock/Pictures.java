package vantbreeze.app.stock;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.stereotype.Service;
import vantbreeze.app.store.CardLists;
import vantbreeze.app.store.StoredPicture;
import vantbreeze.app.store.StoredPictures;
import vantbreeze.core.check.ValidationException;

/**
 * Makers' own pictures of papers. What comes in is read as PNG or JPEG and written anew, so that nothing but its pixels
 * is kept, and no larger than a screen can show.
 */
@Service
public class Pictures {

    /** Largest file taken, bytes. */
    public static final int LARGEST = 10 * 1024 * 1024;
    /** Widest and highest picture taken, pixels. */
    private static final int WIDEST = 20_000;
    /** Most pixels taken: a small file can unpack to more than there is room for. */
    private static final long MOST_PIXELS = 40_000_000;
    /**
     * Most pixels of a progressive JPEG, times the passes in which it is painted (ISO/IEC 10918-1, G.1): all of it is
     * unpacked, and each pass goes over the whole picture.
     */
    private static final long MOST_PAINTED = 120_000_000;

    private static final int KEPT = 1024;
    /** A picture that nothing names is kept this long: it may be about to be named. */
    private static final Duration KEPT_UNNAMED = Duration.ofDays(30);

    private final StoredPictures stored;
    private final CardLists lists;
    private final Clock clock;
    /** One picture at a time: each takes as much memory as it has pixels. */
    private final Semaphore one = new Semaphore(1, true);

    Pictures(StoredPictures stored, CardLists lists, Clock clock) {
        this.stored = stored;
        this.lists = lists;
        this.clock = clock;
    }

    /**
     * Keeps a picture.
     *
     * @return its id
     * @throws TooLarge when the file is larger than {@link #LARGEST}
     * @throws ValidationException in words for the maker, when it has too many pixels or is no picture
     */
    public String keep(byte[] file) {
        if (file.length > LARGEST) {
            throw new TooLarge(
                    "That file is larger than 10 MB. Save it smaller, about 2000 pixels wide, and choose it again.");
        }
        byte[] rewritten;
        one.acquireUninterruptibly();
        try {
            rewritten = unpacked(file);
        } finally {
            one.release();
        }
        StoredPicture picture = new StoredPicture(UUID.randomUUID(), rewritten, clock.instant());
        stored.saveAndFlush(picture);
        return picture.id().toString();
    }

    /** Whether there is a picture of this id. */
    boolean has(String id) {
        try {
            return stored.existsById(UUID.fromString(id));
        } catch (IllegalArgumentException noId) {
            return false;
        }
    }

    /** Takes pictures away for good that were kept a while ago and are not among those named; how many that were. */
    int purge(Set<String> named) {
        List<UUID> unnamed = lists.picturesBefore(clock.instant().minus(KEPT_UNNAMED)).stream()
                .filter(id -> !named.contains(id.toString()))
                .toList();
        stored.deleteAllById(unnamed);
        return unnamed.size();
    }

    /** A picture as PNG. */
    public Optional<byte[]> find(UUID id) {
        return stored.findById(id).map(StoredPicture::content);
    }

    /** The picture in {@code file}, written anew as PNG. */
    byte[] unpacked(byte[] file) {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
            if (!readers.hasNext()) {
                throw notAPicture();
            }
            ImageReader reader = readers.next();
            try {
                String format = reader.getFormatName();
                if (!format.equalsIgnoreCase("png") && !format.equalsIgnoreCase("jpeg")) {
                    throw notAPicture();
                }
                reader.setInput(input, true, true);
                return png(fitted(read(reader, file)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException unreadable) {
            if (unreadable instanceof ValidationException refusal) {
                throw refusal;
            }
            throw new ValidationException(
                    "picture",
                    "That picture can't be read: it may be damaged or of an uncommon kind. Open it in a "
                            + "drawing program, save it as PNG, and choose that.");
        }
    }

    private static ValidationException notAPicture() {
        return new ValidationException(
                "picture",
                "That file is no PNG or JPEG picture. Choose a photo or scan of the paper saved as one of these.");
    }

    /** Every so many pixels only, so that a large picture never lies in memory whole. */
    private static BufferedImage read(ImageReader reader, byte[] file) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        long pixels = (long) width * height;
        if (width > WIDEST || height > WIDEST || pixels > MOST_PIXELS || pixels * passes(file) > MOST_PAINTED) {
            throw new ValidationException(
                    "picture",
                    String.format(
                            Locale.ROOT,
                            "That picture is %,d × %,d pixels: more than can be unpacked here in good time. Save "
                                    + "it smaller, about 2000 pixels wide, and choose it again.",
                            width,
                            height));
        }
        int every = Math.max(1, Math.max(width, height) / (2 * KEPT));
        ImageReadParam sparing = reader.getDefaultReadParam();
        sparing.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, sparing);
    }

    /**
     * How many passes a JPEG is painted in, counted by its SOS markers; 1 for other files. Within its data FF is never
     * followed by DA.
     */
    private static long passes(byte[] file) {
        long passes = 0;
        boolean jpeg = file.length > 2 && (file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xd8;
        for (int i = 2; jpeg && i + 1 < file.length; i++) {
            if ((file[i] & 0xff) == 0xff && (file[i + 1] & 0xff) == 0xda) {
                passes++;
            }
        }
        return Math.max(1, passes);
    }

    private static BufferedImage fitted(BufferedImage picture) {
        double scale = Math.min(1, (double) KEPT / Math.max(picture.getWidth(), picture.getHeight()));
        int width = Math.max(1, (int) Math.round(picture.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(picture.getHeight() * scale));
        BufferedImage fitted = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = fitted.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(picture, 0, 0, width, height, null);
        pen.dispose();
        return fitted;
    }

    private static byte[] png(BufferedImage picture) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        return bytes.toByteArray();
    }
}
