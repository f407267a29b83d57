package vantbreeze.bench;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleSupplier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * A fixed piece of work that is none of ours, measured before and after what is measured: the machines are shared, and
 * an hour may be three times as slow as another. What takes a multiple of a yardstick takes it in any hour.
 *
 * <p>The reference is the speed at which rabbit-ear needs {@value #REFERENCE} ms for all orders of a strip of 8 panels;
 * what each yardstick took then is given beside it.
 */
enum Yardstick {

    /** For what computes on shapes: 10 unions of 60 fixed polygons (JTS). */
    UNIONS("unions", 23),
    /** For what the house is asked and stores: a fixed JSON of 2,000 records read and written 16 times (Jackson). */
    JSON("JSON", 22.5),
    /** For what is on the screen: a fixed page of 1,500 polygons, all moved and drawn 20 times (Chromium). */
    PAGE("page", 278);

    /** What rabbit-ear takes in the hour that limits are meant for, ms. */
    static final double REFERENCE = 110;

    private static final int WARM = 6;
    private static final int TIMES = 9;

    private static final String DRAWN =
            """
            async () => {
              const drawn = () => new Promise((done) => requestAnimationFrame(() => {
                const after = new MessageChannel();
                after.port1.onmessage = done;
                after.port2.postMessage(0);
              }));
              const shapes = [...document.querySelectorAll('polygon')];
              await drawn();
              const begun = performance.now();
              for (let round = 0; round < 20; round++) {
                shapes.forEach((shape, i) => {
                  const x = (i * 37 + round * 11) % 1200, y = (i * 61 + round * 7) % 760;
                  shape.setAttribute('points', `${x},${y} ${x + 30},${y + 4} ${x + 26},${y + 33} ${x - 5},${y + 21}`);
                });
                await drawn();
              }
              return performance.now() - begun;
            }""";

    private final String shown;
    private final double reference;

    Yardstick(String shown, double reference) {
        this.shown = shown;
        this.reference = reference;
    }

    /** Lets Java's compilers see those that they compile, once before anything is measured. */
    static void warm() {
        for (int i = 0; i < 80; i++) {
            unions();
            json();
        }
    }

    /** What it took at the reference speed, ms; from {@code bench/run calibrate}. */
    double reference() {
        return reference;
    }

    /** What it is called in a table. */
    String shown() {
        return shown;
    }

    /** How long it takes now, ms: the median of several, warm. */
    double now() {
        return switch (this) {
            case UNIONS -> Row.middle(Row.times(WARM, TIMES, Yardstick::unions));
            case JSON -> Row.middle(Row.times(WARM, TIMES, Yardstick::json));
            case PAGE -> throw new IllegalStateException("a page is measured in a browser");
        };
    }

    /** How long the fixed page takes now in {@code browser}, ms. */
    static double now(Browser browser) {
        try (Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800))) {
            page.setContent("<body style='margin:0'><svg width='1240' height='780'>"
                    + "<polygon fill='#c84' fill-opacity='0.6' stroke='#234'/>".repeat(1_500) + "</svg>");
            double[] times = new double[3];
            page.evaluate(DRAWN);
            for (int i = 0; i < times.length; i++) {
                times[i] = ((Number) page.evaluate(DRAWN)).doubleValue();
            }
            return Row.middle(times);
        }
    }

    private static final List<Geometry> POLYGONS = polygons();

    private static List<Geometry> polygons() {
        GeometryFactory factory = new GeometryFactory();
        Random random = new Random(7);
        List<Geometry> polygons = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double x = 300 * random.nextDouble();
            double y = 200 * random.nextDouble();
            double turn = Math.PI * random.nextDouble();
            Coordinate[] ring = new Coordinate[7];
            for (int corner = 0; corner < 6; corner++) {
                double angle = turn + corner * Math.PI / 3;
                double radius = 20 + 15 * random.nextDouble();
                ring[corner] = new Coordinate(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
            }
            ring[6] = ring[0];
            polygons.add(factory.createPolygon(ring));
        }
        return polygons;
    }

    private static void unions() {
        for (int i = 0; i < 10; i++) {
            if (UnaryUnionOp.union(POLYGONS).getArea() < 1) {
                throw new IllegalStateException("no union");
            }
        }
    }

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final String RECORDS = records();

    private static String records() {
        ArrayNode records = MAPPER.createArrayNode();
        for (int i = 0; i < 2_000; i++) {
            ObjectNode one = records.addObject().put("name", "Kite " + i).put("long", 20.5 + i);
            one.putArray("scores").add(i).add(2 * i).add(3 * i);
        }
        return records.toString();
    }

    private static void json() {
        try {
            for (int i = 0; i < 16; i++) {
                if (!MAPPER.writeValueAsString(MAPPER.readTree(RECORDS)).equals(RECORDS)) {
                    throw new IllegalStateException("what was read is not what was written");
                }
            }
        } catch (JsonProcessingException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** Something measured with this yardstick laid on before and after. */
    Row beside(RowSource work) throws Exception {
        return besideAll(() -> List.of(work.row()), this::now).get(0);
    }

    /** Several that are measured one soon after the other. */
    List<Row> besideAll(RowsSource work) throws Exception {
        return besideAll(work, this::now);
    }

    /** The same with a yardstick that is measured by {@code now}. */
    List<Row> besideAll(RowsSource work, DoubleSupplier now) throws Exception {
        double before = now.getAsDouble();
        List<Row> rows = work.rows();
        double after = now.getAsDouble();
        return rows.stream().map(row -> row.by(this, (before + after) / 2)).toList();
    }

    /** What makes one row of the report. */
    @FunctionalInterface
    interface RowSource {
        Row row() throws Exception;
    }

    /** What makes several. */
    @FunctionalInterface
    interface RowsSource {
        List<Row> rows() throws Exception;
    }
}
