package wideharbor.format;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import tools.jackson.databind.json.JsonMapper;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.catalog.Contacts;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.geometry.Shape;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.standard.Standard;

/** How sealed kinds are told apart in files: a word under "type". The core itself knows nothing of JSON. */
@SuppressWarnings({"UnusedMethod", "UnusedVariable"})
final class Mixins {
    private Mixins() {}

    static JsonMapper.Builder addTo(JsonMapper.Builder builder) {
        return builder.addMixIn(Shape.class, OfShape.class)
                .addMixIn(Shape.Box.class, NoDerived.class)
                .addMixIn(Shape.Cylinder.class, NoDerived.class)
                .addMixIn(Shape.Cone.class, NoDerived.class)
                .addMixIn(Shape.Ring.class, NoDerived.class)
                .addMixIn(Shape.Hull.class, NoDerived.class)
                .addMixIn(Port.Working.class, NoDerived.class)
                .addMixIn(Freedom.class, OfFreedom.class)
                .addMixIn(Freedom.Slide.class, NoDerived.class)
                .addMixIn(Freedom.Rotate.class, NoDerived.class)
                .addMixIn(Facet.class, OfFacet.class)
                .addMixIn(Port.class, NoDerived.class)
                .addMixIn(ItemType.class, NoDerived.class)
                .addMixIn(Port.Occupancy.class, OfOccupancy.class)
                .addMixIn(Standard.Facts.class, OfFacts.class)
                .addMixIn(Standard.class, NoDerived.class)
                .addMixIn(Scope.class, OfScope.class)
                .addMixIn(Command.class, OfCommand.class)
                .addMixIn(Command.Place.class, PlaceNames.class)
                .addMixIn(Command.Retype.class, RetypeNames.class)
                .addMixIn(Command.RetypeCable.class, RetypeCableNames.class)
                .addMixIn(Command.AddKit.class, AddKitNames.class);
    }

    @JsonIgnoreProperties({"range", "step", "unit", "carrier", "frame", "keepClear", "toolFree"})
    private interface NoDerived {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Shape.Box.class, name = "box"),
        @JsonSubTypes.Type(value = Shape.Cylinder.class, name = "cylinder"),
        @JsonSubTypes.Type(value = Shape.Cone.class, name = "cone"),
        @JsonSubTypes.Type(value = Shape.Ring.class, name = "ring"),
        @JsonSubTypes.Type(value = Shape.Hull.class, name = "hull")
    })
    private interface OfShape {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Freedom.Slide.class, name = "slide"),
        @JsonSubTypes.Type(value = Freedom.Rotate.class, name = "rotate")
    })
    private interface OfFreedom {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = OpticalFacet.Camera.class, name = "camera"),
        @JsonSubTypes.Type(value = OpticalFacet.Lens.class, name = "lens"),
        @JsonSubTypes.Type(value = RiggingFacet.Rods.class, name = "rods"),
        @JsonSubTypes.Type(value = PowerFacet.Battery.class, name = "battery"),
        @JsonSubTypes.Type(value = PowerFacet.PowerOutput.class, name = "powerOutput"),
        @JsonSubTypes.Type(value = PowerFacet.PowerInput.class, name = "powerInput"),
        @JsonSubTypes.Type(value = PowerFacet.Cable.class, name = "cable"),
        @JsonSubTypes.Type(value = PowerFacet.InnerBay.class, name = "innerBay"),
        @JsonSubTypes.Type(value = PowerFacet.Together.class, name = "together"),
        @JsonSubTypes.Type(value = Contacts.class, name = "contacts"),
        @JsonSubTypes.Type(value = SupportFacet.Support.class, name = "support"),
        @JsonSubTypes.Type(value = RiggingFacet.Spacer.class, name = "spacer"),
        @JsonSubTypes.Type(value = RiggingFacet.Tool.class, name = "tool"),
        @JsonSubTypes.Type(value = OpticalFacet.Microphone.class, name = "microphone"),
        @JsonSubTypes.Type(value = OpticalFacet.Fisheye.class, name = "fisheye"),
        @JsonSubTypes.Type(value = RiggingFacet.Arm.class, name = "arm"),
        @JsonSubTypes.Type(value = SupportFacet.Counterbalance.class, name = "counterbalance"),
        @JsonSubTypes.Type(value = SupportFacet.Feet.class, name = "feet"),
        @JsonSubTypes.Type(value = SupportFacet.SpreadFeet.class, name = "spreadFeet"),
        @JsonSubTypes.Type(value = SupportFacet.Gimbal.class, name = "gimbal"),
        @JsonSubTypes.Type(value = SupportFacet.Pad.class, name = "pad"),
        @JsonSubTypes.Type(value = SupportFacet.Pivot.class, name = "pivot"),
        @JsonSubTypes.Type(value = SupportFacet.SpringArm.class, name = "springArm"),
        @JsonSubTypes.Type(value = RiggingFacet.Room.class, name = "room"),
        @JsonSubTypes.Type(value = MediaFacet.Card.class, name = "card"),
        @JsonSubTypes.Type(value = MediaFacet.Slots.class, name = "cardSlots"),
        @JsonSubTypes.Type(value = MediaFacet.Modes.class, name = "recordingModes"),
        @JsonSubTypes.Type(value = MediaFacet.Reader.class, name = "cardReader"),
        @JsonSubTypes.Type(value = MediaFacet.Drive.class, name = "copyDrive"),
        @JsonSubTypes.Type(value = FrontFacet.Light.class, name = "light"),
        @JsonSubTypes.Type(value = FrontFacet.MatteBox.class, name = "matteBox"),
        @JsonSubTypes.Type(value = FrontFacet.Filter.class, name = "filter"),
        @JsonSubTypes.Type(value = FrontFacet.Gear.class, name = "gear"),
        @JsonSubTypes.Type(value = FrontFacet.Drive.class, name = "drive"),
        @JsonSubTypes.Type(value = FrontFacet.SmoothRing.class, name = "smoothRing"),
        @JsonSubTypes.Type(value = OpticalFacet.LensAdapter.class, name = "lensAdapter"),
        @JsonSubTypes.Type(value = OpticalFacet.MountTalk.class, name = "mountTalk"),
        @JsonSubTypes.Type(value = RiggingFacet.Folded.class, name = "folded"),
        @JsonSubTypes.Type(value = PowerFacet.Charger.class, name = "charger"),
        @JsonSubTypes.Type(value = SignalFacet.Signal.class, name = "signal"),
        @JsonSubTypes.Type(value = SignalFacet.PictureOut.class, name = "pictureOut"),
        @JsonSubTypes.Type(value = SignalFacet.Passage.class, name = "passage"),
        @JsonSubTypes.Type(value = SignalFacet.Display.class, name = "display"),
        @JsonSubTypes.Type(value = SignalFacet.Radio.class, name = "radio"),
        @JsonSubTypes.Type(value = SignalFacet.SoundPort.class, name = "soundPort"),
        @JsonSubTypes.Type(value = SignalFacet.OwnCells.class, name = "ownCells"),
        @JsonSubTypes.Type(value = SignalFacet.CoaxLast.class, name = "coaxLast")
    })
    private interface OfFacet {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Port.Occupancy.Single.class, name = "single"),
        @JsonSubTypes.Type(value = Port.Occupancy.Interval.class, name = "interval")
    })
    private interface OfOccupancy {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Standard.Facts.None.class, name = "none"),
        @JsonSubTypes.Type(value = Standard.Facts.Rods.class, name = "rods"),
        @JsonSubTypes.Type(value = Standard.Facts.Bar.class, name = "bar"),
        @JsonSubTypes.Type(value = Standard.Facts.LensMount.class, name = "lensMount"),
        @JsonSubTypes.Type(value = Standard.Facts.Toothed.class, name = "toothed")
    })
    private interface OfFacts {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Scope.Base.class, name = "base"),
        @JsonSubTypes.Type(value = Scope.InConfiguration.class, name = "configuration"),
        @JsonSubTypes.Type(value = Scope.InLens.class, name = "lens"),
        @JsonSubTypes.Type(value = Scope.InPackage.class, name = "package")
    })
    private interface OfScope {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Command.Place.class, name = "place"),
        @JsonSubTypes.Type(value = Command.Unplace.class, name = "unplace"),
        @JsonSubTypes.Type(value = Command.Remove.class, name = "remove"),
        @JsonSubTypes.Type(value = Command.Restore.class, name = "restore"),
        @JsonSubTypes.Type(value = Command.Join.class, name = "join"),
        @JsonSubTypes.Type(value = Command.Unjoin.class, name = "unjoin"),
        @JsonSubTypes.Type(value = Command.Set.class, name = "set"),
        @JsonSubTypes.Type(value = Command.Unset.class, name = "unset"),
        @JsonSubTypes.Type(value = Command.Retype.class, name = "retype"),
        @JsonSubTypes.Type(value = Command.Weigh.class, name = "weigh"),
        @JsonSubTypes.Type(value = Command.Draw.class, name = "draw"),
        @JsonSubTypes.Type(value = Command.Hold.class, name = "hold"),
        @JsonSubTypes.Type(value = Command.Identify.class, name = "identify"),
        @JsonSubTypes.Type(value = Command.Trust.class, name = "trust"),
        @JsonSubTypes.Type(value = Command.Connect.class, name = "connect"),
        @JsonSubTypes.Type(value = Command.Disconnect.class, name = "disconnect"),
        @JsonSubTypes.Type(value = Command.RetypeCable.class, name = "retypeCable"),
        @JsonSubTypes.Type(value = Command.Lay.class, name = "lay"),
        @JsonSubTypes.Type(value = Command.AddKit.class, name = "addKit"),
        @JsonSubTypes.Type(value = Command.Configure.class, name = "configure"),
        @JsonSubTypes.Type(value = Command.Unconfigure.class, name = "unconfigure"),
        @JsonSubTypes.Type(value = Command.Equip.class, name = "equip"),
        @JsonSubTypes.Type(value = Command.Unequip.class, name = "unequip"),
        @JsonSubTypes.Type(value = Command.ReplaceOverlay.class, name = "replaceOverlay")
    })
    private interface OfCommand {}

    /** "type" already tells the kind of command, so the item type goes by "item". */
    private abstract static class PlaceNames {
        PlaceNames(
                @JsonProperty("placement") PlacementId placement,
                @JsonProperty("item") TypeRef type,
                @JsonProperty("label") String label) {}

        @JsonProperty("item")
        abstract TypeRef type();
    }

    private abstract static class RetypeNames {
        RetypeNames(@JsonProperty("placement") PlacementId placement, @JsonProperty("item") TypeRef type) {}

        @JsonProperty("item")
        abstract TypeRef type();
    }

    private abstract static class RetypeCableNames {
        RetypeCableNames(@JsonProperty("cable") CableId cable, @JsonProperty("item") TypeRef type) {}

        @JsonProperty("item")
        abstract TypeRef type();
    }

    private abstract static class AddKitNames {
        AddKitNames(@JsonProperty("item") TypeRef type, @JsonProperty("count") int count) {}

        @JsonProperty("item")
        abstract TypeRef type();
    }
}
