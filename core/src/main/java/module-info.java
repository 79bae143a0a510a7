/** All of the trade: from a brief to pieces, joints, figures and findings. Knows no screen and no file. */
module longshoulder.core {
    requires static transitive org.jspecify;
    requires transitive org.apache.commons.geometry.euclidean;
    requires org.apache.commons.geometry.core;
    requires org.apache.commons.text;

    exports longshoulder.core.boards;
    exports longshoulder.core.supply;
    exports longshoulder.core.brief;
    exports longshoulder.core.cutlist;
    exports longshoulder.core.projection;
    exports longshoulder.core.drawing;
    exports longshoulder.core.finding;
    exports longshoulder.core.frame;
    exports longshoulder.core.geometry;
    exports longshoulder.core.joint;
    exports longshoulder.core.kind;
    exports longshoulder.core.marking;
    exports longshoulder.core.papers;
    exports longshoulder.core.measure;
    exports longshoulder.core.plan;
    exports longshoulder.core.project;
    exports longshoulder.core.reckoning;
    exports longshoulder.core.tasks;
    exports longshoulder.core.wood;
    exports longshoulder.core.words;
}
