/** Measurements with JMH, not part of the build's normal run: {@code benchmark/measure edit}; see docs/performance.md. */
package longshoulder.benchmark;
