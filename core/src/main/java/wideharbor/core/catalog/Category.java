package wideharbor.core.catalog;

/** What the pull list sorts by and the drawing hatches by. */
public enum Category {
    BODY,
    LENS,
    PLATE,
    DOVETAIL,
    HEAD,
    LEGS,
    ROD,
    CAGE,
    HANDLE,
    BRACKET,
    VIEWFINDER,
    MONITOR,
    BATTERY,
    POWER,
    LENS_SUPPORT,
    MATTE_BOX,
    RISER,
    SHIM,
    CABLE,
    TRANSMISSION,
    TIMECODE,
    ADAPTER,
    ARM,
    SHOULDER,
    SOUND,
    TOOL,
    CASE,
    MEDIA,
    OTHER
}
