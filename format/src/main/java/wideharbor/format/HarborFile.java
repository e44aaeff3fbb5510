package wideharbor.format;

import java.util.List;
import java.util.Map;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Joint;
import wideharbor.core.build.LensChoice;
import wideharbor.core.build.Placement;
import wideharbor.core.build.Setting;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.standard.Standard;

/** The file as it is written, before its references are followed. */
record HarborFile(
        String format,
        int version,
        String id,
        String title,
        Brief brief,
        Map<HouseRules.Rule, Double> rules,
        Map<String, String> ways,
        Map<String, String> operatorWays,
        List<Standard> standards,
        List<ItemType> catalogue,
        List<KitLine> kit,
        List<FileBuild> builds,
        List<FileRead> reads,
        List<FileWaiver> waivers) {

    static final String FORMAT = "wide-harbor";

    static final String CATALOGUE = "wide-harbor-catalogue";
    static final int CATALOGUE_VERSION = 1;
    static final int VERSION = 2;

    /** The form before this one, which is still read. */
    static final int OLD_VERSION = 1;

    /** {@code acceptedExcess} is by how much it missed when it was read, in {@code unit}. */
    record FileRead(String finding, double acceptedExcess, String unit, String who, String when) {}

    record FileWaiver(String finding, double acceptedExcess, String unit, String reason, String who, String when) {}

    record KitLine(TypeRef type, int count) {}

    record FileBuild(
            BuildId id,
            String title,
            PlacementId root,
            List<Placement> placements,
            List<PlacementId> removed,
            List<Joint> joints,
            List<CableRun> cables,
            List<Setting> settings,
            List<Configuration> configurations,
            List<LensChoice> lenses) {}
}
