package brightplumb.app.laying;

import java.util.List;
import java.util.UUID;

/**
 * How a ticket lies on one of its cloths.
 *
 * @param layers the cloths it is cut from
 * @param copies how many are cut
 * @param beside the tickets that are cut with it
 * @param pieced whether bands that would lie on a fold are cut in two
 * @param kept whether it lies as a hand kept it
 * @param outgrown whether it was kept for pieces that have changed since, so that it was laid anew
 * @param lay the lay
 */
record TicketLayView(
        List<String> layers,
        int copies,
        List<BesideView> beside,
        boolean pieced,
        boolean kept,
        boolean outgrown,
        LayView lay) {

    /** A ticket that is cut from the same cloth. */
    record BesideView(UUID id, String title, String personName) {}
}
