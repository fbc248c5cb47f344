package lexicor.core.weighing.model;

/** Something that {@link SetsMemory} keeps: it depends on nothing but what it is found by, and may be forgotten at any time. */
public interface Remembered {
    /** About how many numbers it keeps. */
    int numbers();
}
