package vantbreeze.app.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Test;
import vantbreeze.app.store.CardLists;
import vantbreeze.app.store.StoredPictures;
import vantbreeze.core.check.ValidationException;

/** A small file that unpacks to more than there is time or room for is refused by its header. */
class PictureLimitsTest {

    private final StoredPictures stored = mock(StoredPictures.class);
    private final Pictures pictures = new Pictures(stored, mock(CardLists.class), Clock.systemUTC());

    private static byte[] jpeg(int width, int height, boolean progressive) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setProgressiveMode(progressive ? ImageWriteParam.MODE_DEFAULT : ImageWriteParam.MODE_DISABLED);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        writer.setOutput(ImageIO.createImageOutputStream(bytes));
        writer.write(
                null, new IIOImage(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY), null, null), how);
        writer.dispose();
        return bytes.toByteArray();
    }

    /** The header of a JPEG says it is another size: SOF, ISO/IEC 10918-1, B.2.2. */
    private static byte[] said(byte[] jpeg, int width, int height) {
        byte[] changed = jpeg.clone();
        for (int i = 0; i < changed.length - 9; i++) {
            if ((changed[i] & 0xff) == 0xff && ((changed[i + 1] & 0xff) == 0xc0 || (changed[i + 1] & 0xff) == 0xc2)) {
                changed[i + 5] = (byte) (height >> 8);
                changed[i + 6] = (byte) height;
                changed[i + 7] = (byte) (width >> 8);
                changed[i + 8] = (byte) width;
                return changed;
            }
        }
        throw new IllegalArgumentException("no frame");
    }

    @Test
    void moreThanFortyMegapixelsAreRefused() throws IOException {
        byte[] small = jpeg(40, 40, false);
        assertThatThrownBy(() -> pictures.keep(said(small, 19_500, 19_500)))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("19,500 × 19,500");
        assertThatThrownBy(() -> pictures.keep(said(small, 8_000, 5_001)))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("8,000 × 5,001");
        assertThat(pictures.keep(small)).isNotEmpty();
    }

    @Test
    void aProgressiveOneIsRefusedByWhatItTakesToPaint() throws IOException {
        byte[] small = jpeg(40, 40, true);
        assertThatThrownBy(() -> pictures.keep(said(small, 6_000, 6_000)))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("in good time");
        assertThat(pictures.keep(small)).isNotEmpty();
        // the same picture with a thousand empty passes more: each would go over all of it
        byte[] passes = new byte[small.length + 2_000];
        System.arraycopy(small, 0, passes, 0, small.length - 2);
        for (int i = small.length - 2; i < passes.length - 1; i += 2) {
            passes[i] = (byte) 0xff;
            passes[i + 1] = (byte) 0xda;
        }
        assertThatThrownBy(() -> pictures.keep(said(passes, 2_000, 2_000)))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("in good time");
    }

    @Test
    void oneAtATime() throws Exception {
        AtomicInteger atOnce = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        CountDownLatch begun = new CountDownLatch(4);
        when(stored.saveAndFlush(any())).thenAnswer(call -> call.getArgument(0));
        Pictures watched = new Pictures(stored, mock(CardLists.class), Clock.systemUTC()) {
            @Override
            byte[] unpacked(byte[] file) {
                most.accumulateAndGet(atOnce.incrementAndGet(), Math::max);
                begun.countDown();
                try {
                    Thread.sleep(20);
                } catch (InterruptedException stopped) {
                    Thread.currentThread().interrupt();
                }
                atOnce.decrementAndGet();
                return super.unpacked(file);
            }
        };
        byte[] small = jpeg(40, 40, false);
        Thread[] makers = new Thread[4];
        for (int i = 0; i < makers.length; i++) {
            makers[i] = new Thread(() -> watched.keep(small));
            makers[i].start();
        }
        for (Thread maker : makers) {
            maker.join();
        }
        assertThat(begun.getCount()).isZero();
        assertThat(most.get()).isEqualTo(1);
    }
}
