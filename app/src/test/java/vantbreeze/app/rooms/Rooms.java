package vantbreeze.app.rooms;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
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

/** The rooms of a module, which are the packages in its root, from the ground up, and which may know of which. */
final class Rooms {

    /** The root itself, where a module has classes in it. */
    static final String ROOT = "";

    private final String module;
    private final String root;
    private final Map<String, Set<String>> rooms = new LinkedHashMap<>();

    /**
     * @param module the folder of the module
     * @param root the package that they are in
     */
    Rooms(String module, String root) {
        this.module = module;
        this.root = root;
    }

    /** A room with the rooms that it may know, all of them listed before it. */
    void room(String name, String... mayKnow) {
        for (String other : mayKnow) {
            assertThat(rooms).as("%s knows a room above it", name).containsKey(other);
        }
        rooms.put(name, Set.of(mayKnow));
    }

    void assertThatAllStandIn(JavaClasses all) {
        Set<String> found = new TreeSet<>();
        all.forEach(one -> found.add(roomOf(one)));
        assertThat(found).isEqualTo(new TreeSet<>(rooms.keySet()));
    }

    /**
     * By what is compiled, and by the imports: constants of another room are copied and leave no trace. A room that may
     * be known and is not is told too.
     */
    void assertThatNoneKnowsWhatItMayNot(JavaClasses all) throws IOException {
        Map<String, Set<String>> known = imported();
        for (JavaClass one : all) {
            one.getDirectDependenciesFromSelf().stream()
                    .map(dependency -> dependency.getTargetClass().getBaseComponentType())
                    .filter(other -> other.getPackageName().equals(root)
                            || other.getPackageName().startsWith(root + "."))
                    .forEach(other -> known.computeIfAbsent(roomOf(one), key -> new TreeSet<>())
                            .add(roomOf(other)));
        }
        known.forEach((name, some) -> some.remove(name));
        known.values().removeIf(Set::isEmpty);
        Map<String, Set<String>> may = new TreeMap<>();
        rooms.forEach((name, some) -> may.put(name, new TreeSet<>(some)));
        may.values().removeIf(Set::isEmpty);
        assertThat(known).isEqualTo(may);
    }

    /** No type of ours shares its name with another of ours. */
    void assertThatEachNameIsOnce(JavaClasses all) {
        Map<String, List<String>> places = new TreeMap<>();
        all.stream()
                .filter(one -> one.isTopLevelClass() && !one.getSimpleName().equals("package-info"))
                .forEach(one -> places.merge(one.getSimpleName(), List.of(roomOf(one)), (some, more) -> Stream.concat(
                                some.stream(), more.stream())
                        .toList()));
        places.values().removeIf(found -> found.size() < 2);
        assertThat(places).isEmpty();
    }

    private String roomOf(JavaClass one) {
        return one.getPackageName().equals(root) ? ROOT : one.getPackageName().substring(root.length() + 1);
    }

    private Map<String, Set<String>> imported() throws IOException {
        Pattern imports =
                Pattern.compile("import (?:static )?" + root.replace(".", "\\.") + "\\.((?:[a-z]+\\.)*)[A-Z]");
        Path sources = Path.of("..", module, "src/main/java").resolve(Path.of("", root.split("\\.")));
        Map<String, Set<String>> known = new TreeMap<>();
        try (Stream<Path> files = Files.walk(sources)) {
            for (Path file :
                    files.filter(one -> one.toString().endsWith(".java")).toList()) {
                String room = sources.relativize(file.getParent()).toString().replace('/', '.');
                imports.matcher(Files.readString(file)).results().forEach(found -> known.computeIfAbsent(
                                room, key -> new TreeSet<>())
                        .add(found.group(1).replaceAll("\\.$", "")));
            }
        }
        return known;
    }
}
