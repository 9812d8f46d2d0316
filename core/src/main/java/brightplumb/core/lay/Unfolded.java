package brightplumb.core.lay;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import java.util.ArrayList;
import java.util.List;

/** A piece that is cut on a fold, opened out: its outline and, beyond its fold, the same turned over. */
final class Unfolded {

    /** What is this near a fold lies on it, mm. */
    static final double ON_FOLD = 0.5;

    private Unfolded() {}

    static Outline of(Outline half, Point from, Point to) {
        Point along = to.minus(from).unit();
        int n = half.corners();
        boolean[] on = new boolean[n];
        for (int i = 0; i < n; i++) {
            on[i] = Math.abs(place(half, i).minus(from).cross(along)) < ON_FOLD;
        }
        // Begin with the last corner on the fold: from there once round to the first one is what lies beside it.
        int last = 0;
        while (!(on[last] && !on[half.next(last)])) {
            last++;
            if (last == n) {
                throw new IllegalArgumentException("The piece has no fold");
            }
        }
        List<Point> whole = new ArrayList<>();
        List<Point> beside = new ArrayList<>();
        whole.add(place(half, last));
        int i = half.next(last);
        while (!on[i]) {
            whole.add(place(half, i));
            beside.add(0, place(half, i));
            i = half.next(i);
        }
        whole.add(place(half, i));
        Rigid over = Rigid.flip(from, along);
        beside.forEach(p -> whole.add(over.apply(p)));
        return Outline.through(whole);
    }

    private static Point place(Outline outline, int i) {
        return Point.of(outline.x()[i], outline.y()[i]);
    }
}
