package brightplumb.core.geometry;

import java.util.List;

/** A piece of a drawn line from one place to another: straight, or one cubic curve. Parameters run from 0 to 1. */
public sealed interface Segment permits Line, Cubic {

    /** Returns its beginning. */
    Point from();

    /** Returns its end. */
    Point to();

    /** The place at a parameter. */
    Point at(double t);

    /** The direction of travel at a parameter, of length one. */
    Point direction(double t);

    /** The length along it, in mm; for curves within 1e-9 of the truth at the scale of a garment. */
    double length();

    /** The part between two parameters. */
    Segment part(double t0, double t1);

    /** The same line travelled the other way. */
    Segment reversed();

    /** The same line after a move of the paper. */
    Segment moved(Rigid move);

    /** Places along it close enough together to stand for it; the first is {@link #from}, the last {@link #to}. */
    List<Point> flattened(int steps);
}
