package longshoulder.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The table of woods, and what a maker adds to it. */
class WoodsTest {

    /** Every figure has a source, each id and name means one wood, and there are at least forty with all figures. */
    @Test
    void table_isConsistent() {
        List<Species> all = Woods.SHIPPED.all();
        assertThat(all).allSatisfy(wood -> assertThat(
                wood.density().isPresent() || wood.radial().isPresent() || wood.hardness().isPresent())
                .as(wood.id()).isEqualTo(!wood.source().isEmpty()));
        assertThat(all).filteredOn(wood -> wood.density().isPresent() && wood.tangential().isPresent())
                .hasSizeGreaterThan(40);
        HashSet<String> names = new HashSet<>();
        all.forEach(wood -> {
            assertThat(names.add(wood.id())).as(wood.id()).isTrue();
            wood.names().forEach(name -> assertThat(names.add(name)).as(name).isTrue());
        });
    }

    /** Boards move more along the rings than across them. */
    @Test
    void tangential_isMoreThanRadial() {
        assertThat(Woods.SHIPPED.all()).filteredOn(wood -> wood.radial().isPresent())
                .allSatisfy(wood -> assertThat(wood.tangential().orElseThrow())
                        .isGreaterThan(wood.radial().orElseThrow()));
    }

    @ParameterizedTest
    @CsvSource({"oak, white-oak", "White Oak, white-oak", "ash, white-ash", "maple, hard-maple", "pine, white-pine",
            "poplar, poplar", "cedar, cedar", "basswood, lime"})
    void plainName_isTheUsualSpecies(String name, String id) {
        assertThat(Woods.SHIPPED.find(name).map(Species::id)).contains(id);
    }

    @ParameterizedTest
    @CsvSource({"beach, beech", "wallnut, walnut", "mapel, hard-maple", "chery, cherry"})
    void unknownName_hasNearOnes(String typed, String near) {
        assertThat(Woods.SHIPPED.find(typed)).isEmpty();
        assertThat(Woods.SHIPPED.nearest(typed)).first().isEqualTo(near);
    }

    @Test
    void ownWood_isWrittenAsItIsRead_andGoesBeforeTheTable() {
        Map<String, String> row = Map.of("id", "beech", "density", "720", "hardness", "6000", "character",
                "moves dusty", "colour", "ffeedd", "source", "weighed here");
        Species own = Species.of(row);
        assertThat(Species.of(own.row())).isEqualTo(own);
        Woods woods = Woods.SHIPPED.with(List.of(own));
        assertThat(woods.find("beech")).contains(own);
        assertThat(woods.all()).hasSameSizeAs(Woods.SHIPPED.all());
        assertThat(own.tangential()).isEqualTo(Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({"id, 'Bog Oak', refused.wood.id", "density, heavy, refused.wood.figure",
            "density, -3, refused.wood.figure",
            "radial, 4, refused.wood.figure", "character, nice, refused.wood.character",
            "colour, brown, refused.wood.colour"})
    void badText_isRefused(String column, String text, String key) {
        Map<String, String> row = new java.util.HashMap<>(Map.of("id", "bog-oak"));
        row.put(column, text);
        assertThatThrownBy(() -> Species.of(row)).isInstanceOfSatisfying(WoodRefused.class,
                refused -> assertThat(refused.reason().key()).isEqualTo(key));
    }
}
