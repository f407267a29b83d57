package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.net.MalformedURLException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * No answer depends on what was asked before, nor on the thread: cards are worked out and glimpsed in any order on four
 * threads, and each answer is that of a core that was loaded for this question and remembers nothing.
 */
class HonestAnswersTest {

    private static final int THREADS = 4;
    /** As many of the answers are held against a core of their own. */
    private static final int AFRESH = 24;

    @ParameterizedTest
    @ValueSource(longs = {11, 12})
    void noAnswerDependsOnWhatWasAskedBefore(long seed) throws Exception {
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, Questions.count()).boxed().toList());
        order.addAll(List.copyOf(order));
        Collections.shuffle(order, new Random(seed));
        ExecutorService threads = Executors.newFixedThreadPool(THREADS);
        List<Future<String>> answers = new ArrayList<>();
        for (int number : order) {
            answers.add(threads.submit(() -> Questions.answer(seed, number)));
        }
        threads.shutdown();
        for (int i = 0; i < order.size(); i++) {
            int first = order.indexOf(order.get(i));
            assertThat(answers.get(i).get())
                    .as("question %d", order.get(i))
                    .isEqualTo(answers.get(first).get());
        }
        for (int i = 0; i < AFRESH; i++) {
            int number = order.get(i);
            assertThat(answers.get(i).get()).as("question %d", number).isEqualTo(afresh(seed, number));
        }
        // of the last questions each is nearly like another
        for (int number = Questions.count() - 6; number < Questions.count(); number++) {
            assertThat(answers.get(order.indexOf(number)).get()).isEqualTo(afresh(seed, number));
        }
    }

    /** The answer of classes of this product that were loaded for it alone. */
    private static String afresh(long seed, int number) throws Exception {
        URL[] places = Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator))
                .map(HonestAnswersTest::url)
                .toArray(URL[]::new);
        try (URLClassLoader loader = new OwnClasses(places)) {
            return (String) loader.loadClass(Questions.class.getName())
                    .getMethod("answer", long.class, int.class)
                    .invoke(null, seed, number);
        }
    }

    private static URL url(String place) {
        try {
            return Path.of(place).toUri().toURL();
        } catch (MalformedURLException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** Loads this product's classes anew, libraries as they are. */
    private static final class OwnClasses extends URLClassLoader {

        OwnClasses(URL[] places) {
            super(places, HonestAnswersTest.class.getClassLoader());
        }

        @Override
        protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
            synchronized (getClassLoadingLock(name)) {
                if (!name.startsWith("vantbreeze.")) {
                    return super.loadClass(name, resolve);
                }
                Class<?> loaded = findLoadedClass(name);
                return loaded != null ? loaded : findClass(name);
            }
        }
    }
}
