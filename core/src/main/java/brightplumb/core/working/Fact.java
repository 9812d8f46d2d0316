package brightplumb.core.working;

import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.PieceId;

/**
 * What an amount of a draft is: the name of the step that says it, and of the value that others read. Each is declared
 * once; those that say, read or lay it off name the declaration, so that no two of them can mean different amounts. Two
 * of one name are one fact.
 *
 * @param id its outside name: {@code hip.depth}, {@code dart.intake.back}
 * @param turn when it is told, where a draft tells the front before the back
 */
public record Fact(String id, Turn turn) {

    /** When a fact is told, where a draft tells the front before the back. */
    public enum Turn {
        /** With the front: what is the front's, and what the front is drawn from. */
        FRONT,
        /** With the back. */
        BACK,
        /** When front and back are drawn. */
        BOTH
    }

    /** From the level waist line to the hip, mm. */
    public static final Fact HIP_DEPTH = new Fact("hip.depth");

    /** From the level waist line to the hem, mm. */
    public static final Fact LENGTH = new Fact("length");

    /** Once round a hem, mm. */
    public static final Fact HEM_GIRTH = new Fact("hem.girth", Turn.BOTH);

    /** A straight band as sewn, once round, mm. */
    public static final Fact BAND_LENGTH = new Fact("band.length");

    /** A fact that is told with the front. */
    public Fact(String id) {
        this(id, Turn.FRONT);
    }

    /** Returns the same fact, told with the back. */
    public Fact ofBack() {
        return new Fact(id, Turn.BACK);
    }

    /** Returns the same fact of one half. */
    public Fact of(Half half) {
        return new Fact(id + "." + half.id(), half == Half.BACK ? Turn.BACK : Turn.FRONT);
    }

    /** Returns the same fact of one panel. */
    public Fact of(Panel panel) {
        return new Fact(id + "." + panel.id(), panel.equals(Panel.BACK) ? Turn.BACK : Turn.FRONT);
    }

    /** Returns the same fact of one piece. */
    public Fact of(PieceId piece) {
        return new Fact(id + "." + piece, turn);
    }

    /** Returns the same fact of one edge. */
    public Fact of(EdgeRole edge) {
        return new Fact(id + "." + edge.id(), turn);
    }

    /** Returns the same fact of one side of the body. */
    public Fact of(Hand hand) {
        return new Fact(id + "." + hand.id(), turn);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Fact that && id.equals(that.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id;
    }
}
