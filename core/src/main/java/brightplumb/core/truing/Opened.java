package brightplumb.core.truing;

import brightplumb.core.style.sweep.SweepFacts;
import brightplumb.core.table.Inspected;

/**
 * What a panel gained where it was cut plumb from the hem to the bust point and swung open. The panels that inspections
 * look at lie as they were drafted; a girth of the garment is that of the opened pieces.
 */
final class Opened {

    private Opened() {}

    /**
     * How much wider a panel is at a level than as it was drafted, straight across the opening, mm; 0 where it was not
     * opened, and above the bust.
     *
     * @param level mm below the waist
     */
    static double at(Inspected on, double level) {
        if (!on.draft().found(SweepFacts.ANGLE)) {
            return 0;
        }
        double angle = Math.toRadians(on.draft().fact(SweepFacts.ANGLE).value());
        double below = level - on.draft().level("bust").orElseThrow();
        return 2 * Math.sin(angle / 2) * Math.max(0, below);
    }
}
