package wideharbor.core.catalog;

import java.util.List;
import java.util.Optional;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;
import wideharbor.core.standard.Standard.Lock;

/** What makes, sees or hears: bodies, lenses, microphones. */
public interface OpticalFacet extends Facet {
    /**
     * A body: its lens mount is the rig's origin. The limit is the moment the mount may carry, N·m. Width and height of
     * the recorded window are both on file, or neither is.
     */
    record Camera(
            String mountPort, double mountLimitNm, Optional<Double> windowWidthMm, Optional<Double> windowHeightMm)
            implements OpticalFacet {

        /** What is recorded of the sensor. */
        public record Window(double widthMm, double heightMm) {}

        public Camera {
            Require.within("Mount limit", mountLimitNm, 0.1, 100, "N·m");
            windowWidthMm.ifPresent(w -> Require.within("Width of the recorded window", w, 1, 100, "mm"));
            windowHeightMm.ifPresent(h -> Require.within("Height of the recorded window", h, 1, 100, "mm"));
            if (windowWidthMm.isPresent() != windowHeightMm.isPresent()) {
                throw new IllegalArgumentException("A recorded window must have both width and height, or neither");
            }
        }

        /** Its window is not on file. */
        public Camera(String mountPort, double mountLimitNm) {
            this(mountPort, mountLimitNm, Optional.empty(), Optional.empty());
        }

        public Camera(String mountPort, double mountLimitNm, Window window) {
            this(mountPort, mountLimitNm, Optional.of(window.widthMm()), Optional.of(window.heightMm()));
        }

        public Optional<Window> window() {
            return windowWidthMm.flatMap(w -> windowHeightMm.map(h -> new Window(w, h)));
        }

        @Override
        public List<String> ports() {
            return List.of(mountPort);
        }
    }

    /**
     * {@code squeeze} is 1 for a spherical lens; an anamorphic one sees that much wider. Close focus is from the sensor
     * plane, when it is on file.
     */
    record Lens(
            String mountPort,
            double focalMm,
            double tStop,
            double lengthMm,
            double frontDiameterMm,
            double squeeze,
            Optional<Double> closeFocusMm)
            implements OpticalFacet {
        /** The same behind glass with a factor: it acts as one of k · f and k · T. */
        public Lens times(double factor) {
            return factor == 1
                    ? this
                    : new Lens(
                            mountPort,
                            focalMm * factor,
                            tStop * factor,
                            lengthMm,
                            frontDiameterMm,
                            squeeze,
                            closeFocusMm);
        }

        public Lens {
            closeFocusMm.ifPresent(c -> Require.within("Close focus", c, 1, 100_000, "mm"));
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

    /** What goes over the contacts of a lens mount, the least first. */
    enum MountSpeech {
        NONE,
        /** What the lens is and where its rings stand. */
        DATA,
        /** That, and the body moves the rings. */
        DRIVE
    }

    /** What a body or a lens says over the contacts of its mount. */
    record MountTalk(MountSpeech speech) implements OpticalFacet {}

    /** What is left of autofocus behind an adapter. */
    enum Autofocus {
        LOST,
        DEGRADED,
        KEPT
    }

    /**
     * An adapter between a body's mount and a lens.
     *
     * @param bodyPort its face to the body
     * @param lensPort its face to the lens
     * @param opticalMm from face to face, in air: what it adds to the flange distance
     * @param bodyLock how its face holds on the body; one that is screwed on is RING_LOCKED, whatever the mount
     * @param lensLock how it holds the lens
     * @param factor of its glass on the focal length, the stop and the image circle; 1 without glass
     * @param lossStops of light in its glass, beyond the factor
     * @param passes what goes through its contacts
     * @param autofocus what is left of it, as its maker or somebody who tried says
     */
    record LensAdapter(
            String bodyPort,
            String lensPort,
            double opticalMm,
            Lock bodyLock,
            Lock lensLock,
            double factor,
            double lossStops,
            MountSpeech passes,
            Autofocus autofocus)
            implements OpticalFacet {
        public LensAdapter {
            Require.within("Optical length of a lens adapter", opticalMm, 0, 200, "mm");
            Require.within("Focal factor of a lens adapter", factor, 0.4, 3, "");
            Require.within("Light lost in a lens adapter", lossStops, 0, 4, "stops");
        }

        @Override
        public List<String> ports() {
            return List.of(bodyPort, lensPort);
        }
    }

    /**
     * A lens that draws equal angles equally long, r = f · θ, out to the edge of its image circle: one of 8 mm with a
     * circle of 25.1 mm sees 180°.
     */
    record Fisheye(double imageCircleMm) implements OpticalFacet {
        public Fisheye {
            Require.within("Image circle", imageCircleMm, 2, 200, "mm");
        }
    }

    /** Where it hears: the capsule's place on the first link and the way it points. */
    record Microphone(Vec3 capsule, Vec3 axis) implements OpticalFacet {
        public Microphone {
            axis.unit();
        }
    }
}
