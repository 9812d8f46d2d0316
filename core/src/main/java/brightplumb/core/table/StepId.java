package brightplumb.core.table;

import brightplumb.core.pattern.Seam;

/**
 * The name of a step of making: what is ticked as done, and what other steps wait for. Each is declared once, by what
 * brings the step; those of every garment are named here.
 *
 * @param id its name in requests
 */
public record StepId(String id) {

    public static final StepId MARK = new StepId("mark");
    public static final StepId FUSE = new StepId("fuse");
    public static final StepId DARTS = new StepId("darts");
    public static final StepId NEATEN = new StepId("neaten");
    public static final StepId HEM = new StepId("hem");
    public static final StepId TRY_ON = new StepId("try-on");
    public static final StepId PRESS = new StepId("press");
    /** Front and back crotch in one pass. */
    public static final StepId CROTCH = new StepId("crotch");
    /** The fork, where it is closed last. */
    public static final StepId CLOSE_FORK = new StepId("crotch.close");
    /** A band that is sewn on when all below is closed, whatever its shape. */
    public static final StepId BAND = new StepId("band");

    /** Returns the step that sews a seam and nothing else. */
    public static StepId of(Seam seam) {
        return new StepId(seam.id());
    }

    @Override
    public String toString() {
        return id;
    }
}
