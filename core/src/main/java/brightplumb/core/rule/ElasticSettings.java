package brightplumb.core.rule;

/** What can be set on an elastic. */
public final class ElasticSettings {

    public static final Setting ELASTIC = Setting.length("elastic", "Elastic", Zone.MAKING, "Elastic long", 300, 1500)
            .when(set -> set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));
    public static final Setting ELASTIC_STRETCH = Setting.ratio(
                    "elasticStretch", "Stretch of the elastic", Zone.MAKING, "Elastic stretches", 0.1, 3)
            .when(set -> set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));

    private ElasticSettings() {}
}
