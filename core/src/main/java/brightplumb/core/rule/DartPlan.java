package brightplumb.core.rule;

import java.util.Optional;

/**
 * How the difference between hip and waist is shared out. Common practice, no source; {@code by-drop} is the house's
 * own.
 */
public enum DartPlan implements Choice {
    /** One dart of 1 in in each quarter, whatever the body; the side takes the rest. */
    ONE_INCH("one-inch", "One dart, the same on everybody", null),
    /** Shares of the half drop, darts only as large as the body asks. */
    BY_DROP("by-drop", "By the drop", new Shares(0.10, 0.16, 0.16, 0.32, 0.26, true, false)),
    /** Shares of the half drop over the half block, two darts in front. */
    HALF_BLOCK("half-block", "Half-block shares", new Shares(0.105, 0.21, 0.105, 0.265, 0.315, false, true));

    /**
     * Shares of the half drop; they sum to one.
     *
     * @param centreBackCapped whether the centre back takes ½ in at most, the excess going to the back side
     * @param twoFrontDarts whether the front share is always split over two darts
     */
    public record Shares(
            double centreBack,
            double backSide,
            double frontSide,
            double backDarts,
            double frontDarts,
            boolean centreBackCapped,
            boolean twoFrontDarts) {

        /** What the front quarter gives up between hip and waist. */
        public double front() {
            return frontSide + frontDarts;
        }

        /** What the back quarter gives up between hip and waist. */
        public double back() {
            return centreBack + backSide + backDarts;
        }
    }

    private final String id;
    private final String title;
    private final Shares shares;

    DartPlan(String id, String title, Shares shares) {
        this.id = id;
        this.title = title;
        this.shares = shares;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }

    /** The plan's shares, when it shares the drop. */
    public Optional<Shares> shares() {
        return Optional.ofNullable(shares);
    }
}
