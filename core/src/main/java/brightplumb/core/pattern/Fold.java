package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.List;

/**
 * A fold laid in the cloth of a piece, not the fold that the cloth is cut on. The cloth between {@code out} and
 * {@code back} lies beneath; both meet on the face.
 *
 * @param kind what fold it is
 * @param out the line that is folded outward first, downward
 * @param middle where the hidden cloth turns
 * @param back the line that is brought to the first
 * @param sewnDown mm from the top along which it is stitched shut; 0 where it is only caught at its edge
 */
public record Fold(Kind kind, List<Segment> out, List<Segment> middle, List<Segment> back, double sewnDown) {

    public Fold {
        out = List.copyOf(out);
        middle = List.copyOf(middle);
        back = List.copyOf(back);
    }

    /** Where the line that is folded outward begins and ends. */
    public Point outTop() {
        return out.get(0).from();
    }

    /** Returns where its outer line ends at the bottom. */
    public Point outFoot() {
        return out.get(out.size() - 1).to();
    }

    /** Where the line that is brought to it begins and ends. */
    public Point backTop() {
        return back.get(0).from();
    }

    /** Returns where its inner line ends at the bottom. */
    public Point backFoot() {
        return back.get(back.size() - 1).to();
    }

    /** What a fold is called at the bench. */
    public enum Kind {
        /** Both lines meet over hidden cloth. */
        BOX,
        /** An extension behind a slit. */
        KICK,
        /** A hem's turn-up. */
        TURN_UP
    }

    /** The same fold after a move of the paper. */
    public Fold moved(Rigid move) {
        return new Fold(kind, Curves.moved(out, move), Curves.moved(middle, move), Curves.moved(back, move), sewnDown);
    }
}
