package vantbreeze.app.stock;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.stereotype.Service;
import vantbreeze.app.store.StoredPicture;
import vantbreeze.app.store.StoredPictures;
import vantbreeze.core.plan.Refusal;

/**
 * Makers' own pictures of papers. What comes in is read as PNG or JPEG and written anew, so that nothing but its pixels is
 * kept, and no larger than a screen can show.
 */
@Service
public class Pictures {

    /** Largest file taken, bytes. */
    public static final int LARGEST = 10 * 1024 * 1024;
    /** Widest and highest picture taken, pixels: beyond it a small file unpacks to more than there is room for. */
    private static final int WIDEST = 20_000;
    private static final int KEPT = 1024;

    private final StoredPictures stored;

    Pictures(StoredPictures stored) {
        this.stored = stored;
    }

    /**
     * Keeps a picture.
     *
     * @return its id
     * @throws Refusal in words for the maker, when it is too large or no picture
     */
    public String keep(byte[] file) {
        if (file.length > LARGEST) {
            throw new Refusal("picture", "That file is larger than 10 MB. Save it smaller, about 2000 pixels wide, and choose it again.");
        }
        StoredPicture picture = new StoredPicture(UUID.randomUUID(), rewritten(file));
        stored.saveAndFlush(picture);
        return picture.id().toString();
    }

    /** A picture as PNG. */
    public Optional<byte[]> find(UUID id) {
        return stored.findById(id).map(StoredPicture::content);
    }

    private static byte[] rewritten(byte[] file) {
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
                return png(fitted(read(reader)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException unreadable) {
            if (unreadable instanceof Refusal refusal) {
                throw refusal;
            }
            throw new Refusal("picture", "That picture can't be read: it may be damaged or of an uncommon kind. Open it in a drawing program, save it as PNG, and choose that.");
        }
    }

    private static Refusal notAPicture() {
        return new Refusal("picture", "That file is no PNG or JPEG picture. Choose a photo or scan of the paper saved as one of these.");
    }

    /** Every so many pixels only, so that a large picture never lies in memory whole. */
    private static BufferedImage read(ImageReader reader) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if (width > WIDEST || height > WIDEST) {
            throw new Refusal("picture", "That picture is %,d × %,d pixels: more than %,d either way can't be unpacked here. Save it smaller, about 2000 wide, and choose it again."
                    .formatted(width, height, WIDEST));
        }
        int every = Math.max(1, Math.max(width, height) / (2 * KEPT));
        ImageReadParam sparing = reader.getDefaultReadParam();
        sparing.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, sparing);
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
