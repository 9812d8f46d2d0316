package brightplumb.core.style.neck;

import brightplumb.core.paper.Notice;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Setting;
import brightplumb.core.table.Table;
import java.util.List;

/** How deep what follows a neck or an armhole may be where it ends on the shoulder. */
public final class OnShoulder {

    /** So much of the shoulder is left beyond it, mm. */
    private static final double LEFT = 12;

    private OnShoulder() {}

    /**
     * A setting's depth, or what the shortest shoulder has room for. A hand's depth is not made less in silence: what
     * does not find room is then refused where it is drawn.
     *
     * @param what what is cut less deep, in words
     * @return mm
     */
    public static double deep(List<Piece> panels, Setting depth, String what, Table table) {
        double asked = table.set(depth).value();
        if (table.set().byHand(depth)) {
            return asked;
        }
        double room = panels.stream()
                        .mapToDouble(p -> p.require(EdgeRole.SHOULDER).length())
                        .min()
                        .orElseThrow()
                - LEFT;
        if (room < asked) {
            table.paper()
                    .notice(Notice.of(
                            what + "-narrower",
                            "On so short a shoulder the " + what + " is cut less deep, so that it ends inside it."));
        }
        return Math.min(asked, room);
    }
}
