package brightplumb.core.rule;

import brightplumb.core.working.Fact;

/** What can be set on pockets that open at the side: scooped out of the front, or in the side seam. */
public final class ScoopSettings {

    public static final Setting SCOOP_ACROSS = Setting.length(
                    "scoopAcross", "Scoop pocket, in from the side", Zone.MAKING, "In from side", 12, 150)
            .tellingBy(new Fact("scoopAcross"));

    public static final Setting SCOOP_DOWN = Setting.length(
                    "scoopDown", "Scoop pocket, down the side", Zone.MAKING, "Down the side", 60, 300)
            .tellingBy(new Fact("scoopDown"));

    public static final Setting BAG_WIDE = Setting.length(
                    "bagWide", "Pocket bag width", Zone.MAKING, "Bag wide", 80, 300)
            .tellingBy(new Fact("bagWide"));

    public static final Setting BAG_DEEP = Setting.length(
                    "bagDeep", "Pocket bag depth", Zone.MAKING, "Bag deep", 80, 450)
            .tellingBy(new Fact("bagDeep"));

    public static final Setting MOUTH_DOWN =
            Setting.length("mouthDown", "Pocket mouth below the waist", Zone.MAKING, "Mouth below waist", 0, 200);

    public static final Setting MOUTH = Setting.length("mouth", "Pocket mouth", Zone.MAKING, "Mouth long", 80, 250);

    public static final Setting FACING_HEIGHT =
            Setting.length("facingHeight", "Facing depth", Zone.MAKING, "Facing deep", 20, 120);

    private ScoopSettings() {}
}
