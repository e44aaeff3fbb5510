package wideharbor.core.catalog;

import java.util.List;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;

/** What makes, sees or hears: bodies, lenses, microphones. */
public interface OpticalFacet extends Facet {
    /** A body: its lens mount is the rig's origin. The limit is the moment the mount may carry, N·m. */
    /** The recorded window is 0 × 0 while it is not on file. */
    record Camera(String mountPort, double mountLimitNm, double windowWidthMm, double windowHeightMm)
            implements OpticalFacet {
        public Camera {
            Require.within("Mount limit", mountLimitNm, 0.1, 100, "N·m");
            Require.within("Width of the recorded window", windowWidthMm, 0, 100, "mm");
            Require.within("Height of the recorded window", windowHeightMm, 0, 100, "mm");
        }

        @Override
        public List<String> ports() {
            return List.of(mountPort);
        }
    }

    /**
     * {@code squeeze} is 1 for a spherical lens; an anamorphic one sees that much wider. Close focus is from the sensor
     * plane, 0 while it is not on file.
     */
    record Lens(
            String mountPort,
            double focalMm,
            double tStop,
            double lengthMm,
            double frontDiameterMm,
            double squeeze,
            double closeFocusMm)
            implements OpticalFacet {
        public Lens(
                String mountPort,
                double focalMm,
                double tStop,
                double lengthMm,
                double frontDiameterMm,
                double squeeze) {
            this(mountPort, focalMm, tStop, lengthMm, frontDiameterMm, squeeze, 0);
        }

        public Lens {
            Require.within("Close focus", closeFocusMm, 0, 100_000, "mm");
            Require.within("Focal length", focalMm, 1, 5000, "mm");
            Require.within("Lens length", lengthMm, 5, 2000, "mm");
            Require.within("Front diameter", frontDiameterMm, 10, 400, "mm");
            Require.within("Squeeze", squeeze, 1, 2, "");
        }

        @Override
        public List<String> ports() {
            return List.of(mountPort);
        }
    }

    /** Where it hears: the capsule's place on the first link and the way it points. */
    record Microphone(Vec3 capsule, Vec3 axis) implements OpticalFacet {
        public Microphone {
            axis.unit();
        }
    }
}
