package longshoulder.core.finding;

import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;

/** One action that mends a finding; undone like any other edit. */
public record Remedy(Label label, Edit edit) {}
