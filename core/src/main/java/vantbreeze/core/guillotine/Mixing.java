package vantbreeze.core.guillotine;

/** Scatters numbers over all bits (the finisher of SplitMix64: Steele, Lea and Flood 2014). */
final class Mixing {

    private Mixing() {}

    static long mixed(long number) {
        long z = number * 0x9E3779B97F4A7C15L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }
}
