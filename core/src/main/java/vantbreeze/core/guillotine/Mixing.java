package vantbreeze.core.guillotine;

/** Scatters numbers over all bits (the finisher of SplitMix64: Steele, Lea and Flood 2014). */
final class Mixing {

    private Mixing() {}

    /** One for blocks of the same items that measure the same, those that may be turned either way round. */
    static long ofBlock(long width, long height, boolean turns, long hash) {
        long low = turns ? Math.min(width, height) : width;
        long high = turns ? Math.max(width, height) : height;
        return hash + mixed(low * 1_000_003 + high);
    }

    static long mixed(long number) {
        long z = number * 0x9E3779B97F4A7C15L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }
}
