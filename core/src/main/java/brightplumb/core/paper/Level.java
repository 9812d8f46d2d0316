package brightplumb.core.paper;

/**
 * A named level across the paper.
 *
 * @param name waist, hip, hem
 * @param y mm below the waist line
 */
public record Level(String name, double y) {}
