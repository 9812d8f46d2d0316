package brightplumb.core.paper;

import brightplumb.core.pattern.Hand;

/**
 * A named level across the paper.
 *
 * @param name waist, hip, hem
 * @param y mm below the waist line
 * @param hand the side it holds for, where left and right differ
 */
public record Level(String name, double y, Hand hand) {

    /** The same level on one side alone. */
    public Level on(Hand side) {
        return new Level(name, y, side);
    }
}
