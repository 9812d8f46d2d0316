package brightplumb.core.working;

/** One piece of a working as it is shown: a sign, a plain number, or a name with its value. */
public sealed interface Token {

    /** A sign: {@code + − × ÷ ( ) ,} or {@code the least of}, {@code the greatest of}. */
    record Op(String op) implements Token {}

    /** A plain number. */
    record Number(double number) implements Token {}

    /** A named quantity with its value: mm for a length, degrees for an angle. */
    record Name(String name, double value, Amount.Kind kind) implements Token {}

    /** Where a value comes from that was not worked out, in words, with the value. */
    record Stated(String words, double value, Amount.Kind kind) implements Token {}
}
