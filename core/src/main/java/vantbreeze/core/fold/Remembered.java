package vantbreeze.core.fold;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * The last answers to a question that depends on nothing but what is asked about. While a line is dragged most pieces of a
 * card are asked about again and again.
 *
 * @param <K> what is asked about; immutable, equal to what is alike
 * @param <V> the answer; immutable
 */
public final class Remembered<K, V> {

    private final Function<K, V> question;
    private final Map<K, V> answers;

    /**
     * @param most how many answers are kept; the one that was wanted longest ago goes first
     * @param question how an answer is found
     */
    public Remembered(int most, Function<K, V> question) {
        this.question = question;
        this.answers = new LinkedHashMap<>(most, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** The answer about {@code key}. */
    public V of(K key) {
        synchronized (answers) {
            V known = answers.get(key);
            if (known != null) {
                return known;
            }
        }
        V found = question.apply(key);
        synchronized (answers) {
            answers.put(key, found);
        }
        return found;
    }
}
