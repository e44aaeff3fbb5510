package wideharbor.core.catalog;

import java.util.List;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;

/** What holds things apart, up or together, and what is needed for it. */
public interface RiggingFacet extends Facet {
    /** A pair of rods (or one): the carrier port runs from the rear end forward. */
    record Rods(String port, double diameterMm, double lengthMm, double wallMm, Material material)
            implements RiggingFacet {

        /** What a rod is made of, with its modulus of elasticity in N/mm². */
        public enum Material {
            STEEL(200_000),
            ALUMINIUM(69_000),
            CARBON(120_000);

            private final double modulus;

            Material(double modulus) {
                this.modulus = modulus;
            }

            public double modulus() {
                return modulus;
            }
        }

        /** An aluminium tube of 2 mm wall, as most are. */
        public Rods(String port, double diameterMm, double lengthMm) {
            this(port, diameterMm, lengthMm, 2, Material.ALUMINIUM);
        }

        public Rods {
            Require.within("Rod wall (the radius for a solid rod)", wallMm, 0.2, diameterMm / 2, "mm");
            Require.within("Rod diameter", diameterMm, 5, 60, "mm");
            Require.within("Rod length", lengthMm, 20, 3000, "mm");
        }

        @Override
        public List<String> ports() {
            return List.of(port);
        }
    }

    /** A shim or riser: what it adds in height between the two faces it separates. */
    record Spacer(String topPort, String bottomPort, double heightMm, boolean shim) implements RiggingFacet {
        public Spacer {
            Require.within("Spacer height", heightMm, 0.05, 200, "mm");
        }

        @Override
        public List<String> ports() {
            return List.of(topPort, bottomPort);
        }
    }

    /** What a part measures folded for its case: legs are drawn as they stand. */
    record Folded(double widthMm, double heightMm, double lengthMm) implements RiggingFacet {
        public Folded {
            Require.within("Width folded", widthMm, 5, 3000, "mm");
            Require.within("Height folded", heightMm, 5, 3000, "mm");
            Require.within("Length folded", lengthMm, 5, 3000, "mm");
        }

        public Vec3 size() {
            return new Vec3(widthMm, heightMm, lengthMm);
        }
    }

    /**
     * An arm that holds by its joints: what moment each of its hinges bears by how far what it holds is raised, the
     * lowest elevation first; between two entries the rating is taken linearly, outside it is held.
     */
    record Arm(String basePort, String tipPort, List<Bears> ratings) implements RiggingFacet {
        public Arm {
            ratings = List.copyOf(ratings);
            if (ratings.isEmpty() || ratings.size() > 20) {
                throw new IllegalArgumentException("An arm must have 1 to 20 ratings, but has " + ratings.size());
            }
            for (int i = 1; i < ratings.size(); i++) {
                if (ratings.get(i).elevationDegrees() <= ratings.get(i - 1).elevationDegrees()) {
                    throw new IllegalArgumentException("An arm's ratings must rise in elevation");
                }
            }
        }

        /** Rated moment in N·m at an elevation of the arm above level. */
        public double momentAt(double elevationDegrees) {
            Bears low = ratings.get(0);
            for (Bears next : ratings) {
                if (elevationDegrees <= next.elevationDegrees()) {
                    double span = next.elevationDegrees() - low.elevationDegrees();
                    double share = span <= 0 ? 0 : (elevationDegrees - low.elevationDegrees()) / span;
                    return low.momentNm() + Math.max(0, share) * (next.momentNm() - low.momentNm());
                }
                low = next;
            }
            return low.momentNm();
        }

        @Override
        public List<String> ports() {
            return List.of(basePort, tipPort);
        }
    }

    /** The moment that an arm bears when it stands at this elevation. */
    record Bears(double elevationDegrees, double momentNm) {
        public Bears {
            Require.within("Elevation", elevationDegrees, -90, 90, "degrees");
            Require.within("Rated moment", momentNm, 0.01, 1000, "N·m");
        }
    }

    /** The room inside a case, mm, what it may hold and what it weighs empty, g. */
    record Room(double widthMm, double heightMm, double lengthMm, double mostGrams, double emptyGrams)
            implements RiggingFacet {
        public Room {
            Require.within("Inner width", widthMm, 20, 3000, "mm");
            Require.within("Inner height", heightMm, 20, 3000, "mm");
            Require.within("Inner length", lengthMm, 20, 3000, "mm");
            Require.within("Most in a case", mostGrams, 100, 200_000, "g");
            Require.within("Empty case", emptyGrams, 0, 100_000, "g");
        }
    }

    /** Keys and drivers: every size it has, written as screws write theirs ("hex 4 mm", "hex 5/32 in"). */
    record Tool(List<String> keys) implements RiggingFacet {
        public Tool {
            keys = List.copyOf(keys);
            if (keys.isEmpty() || keys.size() > 40) {
                throw new IllegalArgumentException("A tool must have 1 to 40 keys, but has " + keys.size());
            }
        }
    }
}
