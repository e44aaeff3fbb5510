package wideharbor.core.geometry;

/** A bar or a cone from one end's middle to the other's, with a radius at each. */
record Round(Vec3 from, Vec3 to, double radius, double endRadius) {
    Vec3 axis() {
        return to.minus(from).unit();
    }

    double length() {
        return to.minus(from).length();
    }

    /** By how much the radius grows for each millimetre along the axis. */
    double slope() {
        return (endRadius - radius) / length();
    }
}
