package vantbreeze.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The core's rooms, from the ground up, and which may know of which: none of one above it, so there is no circle. */
@AnalyzeClasses(packages = "vantbreeze.core", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {

    private static final String CORE = "vantbreeze.core.";

    /** Each room with the rooms that it may know, all of them listed before it. */
    private static final Map<String, Set<String>> ROOMS = new LinkedHashMap<>();

    private static void room(String name, String... mayKnow) {
        for (String other : mayKnow) {
            assertThat(ROOMS).as("%s knows a room above it", name).containsKey(other);
        }
        ROOMS.put(name, Set.of(mayKnow));
    }

    static {
        room("length");
        room("outline");
        room("paper", "length");
        room("tool", "length");
        room("fold.plane", "length");
        room("fold", "length", "paper", "fold.plane");
        room("fold.order", "fold", "fold.plane");
        room("fold.bulk", "length", "paper", "fold", "fold.plane", "fold.order");
        room("fold.motion", "length", "fold", "fold.bulk");
        room("fold.folding", "length", "fold", "fold.plane", "fold.order", "fold.motion");
        room("fold.sight", "paper", "fold", "fold.order", "fold.bulk", "fold.motion", "fold.folding");
        room("fold.partial", "length", "fold", "fold.motion", "fold.folding", "fold.sight");
        room("structure", "length", "paper", "outline", "tool", "fold", "fold.folding");
        room("free", "length", "paper", "fold", "fold.plane", "fold.folding", "structure");
        room("layer", "length", "paper", "tool", "fold", "fold.plane", "fold.bulk");
        room("cutting", "length", "paper", "fold", "fold.plane", "layer");
        room("fit", "length", "paper", "tool", "fold", "fold.bulk", "structure", "cutting");
        room(
                "check",
                "length",
                "paper",
                "tool",
                "fold",
                "fold.order",
                "fold.bulk",
                "fold.motion",
                "fold.folding",
                "structure",
                "layer",
                "cutting",
                "fit");
        room(
                "plan",
                "length",
                "outline",
                "paper",
                "tool",
                "fold",
                "fold.order",
                "fold.bulk",
                "fold.folding",
                "fold.sight",
                "structure",
                "free",
                "layer",
                "cutting",
                "fit",
                "check");
        room(
                "recipe",
                "length",
                "paper",
                "tool",
                "fold",
                "fold.order",
                "fold.bulk",
                "fold.folding",
                "structure",
                "free",
                "cutting",
                "check",
                "plan");
        room(
                "hand",
                "length",
                "paper",
                "tool",
                "fold",
                "fold.bulk",
                "fold.motion",
                "structure",
                "free",
                "layer",
                "fit",
                "check",
                "plan");
        room("build", "length", "paper", "fold", "cutting", "fold.folding", "plan");
        room(
                "edit",
                "length",
                "paper",
                "fold",
                "fold.bulk",
                "cutting",
                "structure",
                "free",
                "layer",
                "check",
                "plan",
                "hand",
                "fold.folding");
    }

    private static String room(JavaClass one) {
        return one.getPackageName().equals("vantbreeze.core")
                ? ""
                : one.getPackageName().substring(CORE.length());
    }

    @ArchTest
    static void everyClassStandsInARoom(JavaClasses all) {
        Set<String> rooms = new TreeSet<>();
        all.forEach(one -> rooms.add(room(one)));
        assertThat(rooms).isEqualTo(new TreeSet<>(ROOMS.keySet()));
    }

    /** By what is compiled, and by the imports: constants of another room are copied and leave no trace. */
    @ArchTest
    static void noneKnowsWhatItMayNot(JavaClasses all) throws IOException {
        Map<String, Set<String>> known = imported();
        for (JavaClass one : all) {
            one.getDirectDependenciesFromSelf().stream()
                    .map(dependency -> dependency.getTargetClass().getBaseComponentType())
                    .filter(other -> other.getPackageName().startsWith(CORE))
                    .forEach(other -> known.computeIfAbsent(room(one), key -> new TreeSet<>())
                            .add(room(other)));
        }
        known.forEach((name, rooms) -> rooms.remove(name));
        known.values().removeIf(Set::isEmpty);
        Map<String, Set<String>> may = new TreeMap<>();
        ROOMS.forEach((name, rooms) -> may.put(name, new TreeSet<>(rooms)));
        may.values().removeIf(Set::isEmpty);
        assertThat(known).isEqualTo(may);
    }

    private static Map<String, Set<String>> imported() throws IOException {
        Pattern imports = Pattern.compile("import (?:static )?vantbreeze\\.core\\.([a-z.]+)\\.[A-Z]");
        Path root = Path.of("src/main/java/vantbreeze/core");
        Map<String, Set<String>> known = new TreeMap<>();
        try (Stream<Path> files = Files.walk(root)) {
            for (Path file :
                    files.filter(one -> one.toString().endsWith(".java")).toList()) {
                String room = root.relativize(file.getParent()).toString().replace('/', '.');
                imports.matcher(Files.readString(file)).results().forEach(found -> known.computeIfAbsent(
                                room, key -> new TreeSet<>())
                        .add(found.group(1)));
            }
        }
        return known;
    }

    @ArchTest
    static final ArchRule NOTHING_OF_THE_WEB_OR_OF_STORAGE = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "java..", "vantbreeze.core..", "org.locationtech.jts..", "org.ejml..", "org.apache.batik.parser..");

    @ArchTest
    static final ArchRule NO_FILES_AND_NO_NETWORK = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.net..", "java.nio.file..", "java.sql..");

    /** No type of ours shares its name with another of ours. */
    @ArchTest
    static void eachNameOnce(JavaClasses all) {
        Map<String, List<String>> places = new TreeMap<>();
        all.stream()
                .filter(one -> one.isTopLevelClass() && !one.getSimpleName().equals("package-info"))
                .forEach(one -> places.merge(one.getSimpleName(), List.of(room(one)), (some, more) -> Stream.concat(
                                some.stream(), more.stream())
                        .toList()));
        places.values().removeIf(rooms -> rooms.size() < 2);
        assertThat(places).isEmpty();
    }
}
