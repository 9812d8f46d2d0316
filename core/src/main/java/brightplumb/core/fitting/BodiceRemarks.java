package brightplumb.core.fitting;

import static brightplumb.core.pattern.Half.FRONT;
import static brightplumb.core.rule.BodiceSettings.BUST_EASE;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;

import brightplumb.core.rule.TopSettings;
import java.util.List;
import java.util.stream.Stream;

/** What a fitting says of a bodice without shoulders above legs. Common practice, no source. */
public final class BodiceRemarks {

    /** Every remark, from the top edge down to the legs' own. */
    public static final List<Remark> SEWN_ON = Stream.concat(
                    Stream.of(
                            new Remark(
                                    "top-edge-gapes",
                                    "The top edge stands away, or slides down",
                                    FRONT,
                                    Place.BUST,
                                    "There is more round the bust than the elastic can hold.",
                                    "Take {0.5} out of the bust",
                                    worn -> worn.moved(BUST_EASE, -0.5)),
                            new Remark(
                                    "top-edge-low",
                                    "The top edge sits too low",
                                    FRONT,
                                    Place.BUST,
                                    "It begins too far below the shoulder.",
                                    "Begin {0.5} higher",
                                    worn -> worn.moved(TopSettings.TOP_LEVEL, -0.5)),
                            new Remark(
                                    "seamed-short-trunk",
                                    "Tight when she sits, and it drags the top edge down",
                                    FRONT,
                                    Place.CROTCH,
                                    "The trunk is short, and the waist is sewn.",
                                    "Deepen the crotch {1}",
                                    worn -> worn.moved(CROTCH_DEPTH, 1))),
                    LegRemarks.ALL.stream())
            .toList();

    private BodiceRemarks() {}
}
