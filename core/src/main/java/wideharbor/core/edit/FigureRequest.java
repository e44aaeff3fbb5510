package wideharbor.core.edit;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Drawn;
import wideharbor.core.build.Holds;
import wideharbor.core.build.SettingKey;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Require;

/** What is set, measured, tried and said of a part. */
public sealed interface FigureRequest extends EditRequest {
    /** Puts a slide, an angle, a reach or a switch to a value. */
    record Set(SettingKey key, double value) implements FigureRequest {
        public Set {
            Require.given("Setting", key);
            Require.finite("Value", value);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.set(analysis, this);
        }
    }

    /** A setting was made by feel, so that its figure is a guess; or it was measured after all. */
    record Feel(SettingKey key, boolean byFeel) implements FigureRequest {
        public Feel {
            Require.given("Setting", key);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.feel(analysis, this);
        }
    }

    /** Keeps what a scale said of a part. */
    record Weigh(PlacementId placement, double grams) implements FigureRequest {
        public Weigh {
            Id.some("Part", placement);
            Require.within("Mass", grams, 0, 500_000, "g");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Weigh " + analysis.rig().title(placement) + ", " + Math.round(grams) + " g",
                    PartEdits.weigh(analysis, placement, Figure.measured(grams, occasion.who(), occasion.when())));
        }
    }

    /** Keeps what a meter said the rig takes from a battery in this configuration; 0 W takes it back. */
    record Draws(PlacementId placement, double watts, double plusMinus) implements FigureRequest {
        public Draws {
            Id.some("Battery", placement);
            Require.within("Watts off a battery", watts, 0, Drawn.MOST_WATTS, "W");
            Require.within("What they may be off by", plusMinus, 0, watts, "W");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return DrawRequests.prepare(analysis, this, occasion);
        }
    }

    /** Keeps what the weakest battery of a kind was measured to hold; 0 Wh takes it back. */
    record Holding(PlacementId placement, double wattHours, double plusMinus) implements FigureRequest {
        public Holding {
            Id.some("Battery", placement);
            Require.within("What a battery holds", wattHours, 0, Holds.MOST, "Wh");
            Require.within("What it may be off by", plusMinus, 0, wattHours, "Wh");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return DrawRequests.prepare(analysis, this, occasion.who(), occasion.when());
        }
    }

    /** Says which of the house's pieces a part is; an empty code takes it back. */
    record Identify(PlacementId placement, String code) implements FigureRequest {
        public Identify {
            Id.some("Part", placement);
            code = Require.atMost("Code", code, 40);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PieceRequests.identify(analysis, this, occasion);
        }
    }

    /** The joint that holds a part was tried on the bench. */
    record Tried(PlacementId placement) implements FigureRequest {
        public Tried {
            Id.some("Part", placement);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Trial fit of " + analysis.rig().title(placement) + " done", PartEdits.tried(analysis, placement));
        }
    }

    /** A part serves outside its purpose: what it is made for, and how far it may be trusted. */
    record Improvise(PlacementId placement, String limit) implements FigureRequest {
        public Improvise {
            Id.some("Part", placement);
            Require.atMost("What it may be trusted with", limit, LONGEST_TEXT);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    analysis.rig().title(placement) + " serves outside its purpose",
                    PartEdits.improvise(analysis, placement, limit));
        }
    }

    /** Brings the tip of an arm to a point: mm to camera left, up and ahead of the mount. */
    record Tip(PlacementId placement, Vec3 at) implements FigureRequest {
        public Tip {
            Id.some("Part", placement);
            Require.given("Point", at);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Bring the tip of " + analysis.rig().title(placement) + " to its place",
                    ArmPlacing.tipTo(analysis, placement, at));
        }
    }
}
