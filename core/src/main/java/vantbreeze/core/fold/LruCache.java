package vantbreeze.core.fold;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The last answers to a question that depends on nothing but what is asked about. While a line is dragged most pieces
 * of a card are asked about again and again.
 *
 * @param <K> what is asked about; immutable, equal to what is alike
 * @param <V> the answer; immutable
 */
public final class LruCache<K, V> {

    /** How many questions are known by being the very same object, which is told faster than that they are alike. */
    private static final int LATEST = 8;

    private final Map<K, V> answers;
    private final Object[] latest = new Object[LATEST];
    private final Object[] theirs = new Object[LATEST];
    private int next;

    /** @param most how many answers are kept; the one that was wanted longest ago goes first */
    public LruCache(int most) {
        this.answers = new LinkedHashMap<>(most, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /**
     * The answer about {@code key}.
     *
     * @param how it is found where it is not known
     */
    public V of(K key, Supplier<V> how) {
        synchronized (answers) {
            V known = known(key);
            if (known != null) {
                return known;
            }
        }
        V found = how.get();
        put(key, found);
        return found;
    }

    /** The answer about {@code key}, if it is known. */
    public Optional<V> find(K key) {
        synchronized (answers) {
            return Optional.ofNullable(known(key));
        }
    }

    /** Keeps an answer. */
    public void put(K key, V answer) {
        synchronized (answers) {
            answers.put(key, answer);
            keep(key, answer);
        }
    }

    @SuppressWarnings("unchecked")
    private @Nullable V known(K key) {
        for (int i = 0; i < LATEST; i++) {
            if (latest[i] == key) {
                return (V) theirs[i];
            }
        }
        V known = answers.get(key);
        if (known != null) {
            keep(key, known);
        }
        return known;
    }

    private void keep(K key, V answer) {
        latest[next] = key;
        theirs[next] = answer;
        next = (next + 1) % LATEST;
    }
}
