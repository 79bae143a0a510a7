/** Open formats in and out: the design file, the plan as JSON, tables as CSV, XLSX and ODS, solids as OBJ, drawings as SVG, PDF and DXF. */
module longshoulder.files {
    requires static org.jspecify;
    requires transitive longshoulder.core;
    requires com.fasterxml.jackson.core;
    requires com.fasterxml.jackson.databind;
    requires com.networknt.schema;
    requires com.github.miachm.sods;
    requires com.google.zxing;
    requires org.apache.commons.csv;
    requires org.dhatim.fastexcel;
    requires org.apache.commons.geometry.euclidean;
    requires org.apache.pdfbox;
    requires org.apache.pdfbox.io;
    requires org.apache.fontbox;
    requires org.apache.commons.logging; // pdfbox is an automatic module and does not say what it needs
    requires jdk.unsupported;
    requires java.logging;
    requires java.desktop; // pictures of pages, and printers

    exports longshoulder.files;
}
