package vantbreeze.core.guillotine;

/** Which way round an item may lie in a bin. */
@FunctionalInterface
public interface Rotations {

    /** Any way, any bin. */
    Rotations FREE = (item, bin, turned) -> true;

    /** As it stands, any bin. */
    Rotations NONE = (item, bin, turned) -> !turned;

    /**
     * Whether it may lie so.
     *
     * @param item its number in the problem
     * @param bin its number in the problem
     * @param turned by a quarter
     */
    boolean allows(int item, int bin, boolean turned);
}
