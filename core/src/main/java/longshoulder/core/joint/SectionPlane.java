package longshoulder.core.joint;

/** Where a section through a joint is cut and from where it is looked at. */
public enum SectionPlane {
    /** Along the rail's face side, through the middle of the tenon's thickness. */
    ELEVATION,
    /** Along its edge, through the middle of the tenon's width. */
    PLAN,
    /** Across the rail, through the middle of the tenon's length, looked at out of the post. */
    ACROSS
}
