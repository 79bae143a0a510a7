/** Open formats in and out: the design file, the plan as JSON, the cut list as CSV, solids as OBJ. */
module longshoulder.files {
    requires static org.jspecify;
    requires transitive longshoulder.core;
    requires com.fasterxml.jackson.core;
    requires com.fasterxml.jackson.databind;
    requires com.networknt.schema;
    requires org.apache.commons.csv;

    exports longshoulder.files;
}
