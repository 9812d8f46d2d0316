package brightplumb.core.garment;

import brightplumb.core.fitting.Remark;
import brightplumb.core.fitting.Worn;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Settings;
import java.util.List;
import java.util.Map;

/** What may be said at the fitting of a drafted garment, and what each remark would change in it. */
public final class Fitting {

    /**
     * A remark on a garment.
     *
     * @param settings what it changes: settings with their new values; empty where this draft has nothing to give
     */
    public record Proposal(Remark remark, Map<Setting, SettingValue> settings) {
        public Proposal {
            settings = Map.copyOf(settings);
        }
    }

    private Fitting() {}

    /** Every remark on a garment of this kind. */
    public static List<Proposal> of(Drafted drafted) {
        DraftRequest request = drafted.request();
        Settings set = Garment.of(request).settings(Body.of(request.sheet()));
        Worn worn = new Worn(drafted.draft(), set, drafted.checks());
        return request.cut().parts().stream()
                .flatMap(part -> part.remarks().stream())
                .map(remark -> new Proposal(remark, remark.change().on(worn)))
                .toList();
    }
}
