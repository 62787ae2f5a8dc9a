package belonax.web.match;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.ClothPart;
import belonax.cloth.Density;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Shank;
import belonax.web.shared.api.ApiRefusal;
import belonax.web.shared.api.NeedleAnswer;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The trade's tables over JSON: cloths, needle types, systems and sizes. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Catalogue", description = "The trade's tables")
class CatalogueApi {
    private final ClothCatalogue cloths;
    private final NeedleRange range = NeedleRange.standard();

    CatalogueApi(ClothCatalogue cloths) {
        this.cloths = cloths;
    }

    record FabricAnswer(
            String id,
            String name,
            Structure structure,
            double weightGsm,
            double thicknessMm,
            double stretchPercent,
            Density density,
            List<Trait> traits,
            String note,
            ClothPart part) {

        static FabricAnswer of(Cloth cloth) {
            return new FabricAnswer(
                    cloth.id(),
                    cloth.name(),
                    cloth.structure(),
                    cloth.weightGsm(),
                    cloth.thicknessMm(),
                    cloth.stretchPercent(),
                    cloth.density(),
                    cloth.traits().stream().sorted().toList(),
                    cloth.note(),
                    cloth.part());
        }
    }

    record TypeAnswer(
            NeedleType type,
            String name,
            String suffix,
            double eyeWidthShare,
            String goodFor,
            String notFor,
            List<NeedleAnswer.SizeAnswer> sizes) {}

    record SystemAnswer(
            String system,
            List<String> synonyms,
            Shank shank,
            double shankMm,
            @Nullable Double buttToEyeMm,
            boolean domestic,
            String where) {}

    @GetMapping("/fabrics")
    @Operation(summary = "All cloths of the catalogue")
    List<FabricAnswer> fabrics() {
        return cloths.all().stream().map(FabricAnswer::of).toList();
    }

    @GetMapping("/fabrics/{id}")
    @Operation(summary = "One cloth of the catalogue")
    FabricAnswer fabric(@Parameter(example = "quilting-cotton") @PathVariable String id) {
        return cloths.find(id)
                .map(FabricAnswer::of)
                .orElseThrow(() -> ApiRefusal.unknown("No cloth has that id. /api/v1/fabrics lists those there are."));
    }

    @GetMapping("/needle-types")
    @Operation(summary = "All kinds of needle, with the sizes in which they are made for 130/705 H")
    List<TypeAnswer> types() {
        return NeedleType.ALL.stream()
                .map(type -> new TypeAnswer(
                        type,
                        type.words(),
                        type.suffix(),
                        type.eye().widthShare(),
                        type.goodFor(),
                        type.notFor(),
                        range.sizesOf(type).stream()
                                .map(NeedleAnswer.SizeAnswer::of)
                                .toList()))
                .toList();
    }

    @GetMapping("/needle-systems")
    @Operation(summary = "All needle systems")
    List<SystemAnswer> systems() {
        return Stream.of(NeedleSystem.values())
                .map(system -> new SystemAnswer(
                        system.label(),
                        system.synonyms(),
                        system.shank(),
                        system.shankMm(),
                        system.buttToEyeMm().isPresent() ? system.buttToEyeMm().getAsDouble() : null,
                        system.isDomestic(),
                        system.where()))
                .toList();
    }

    @GetMapping("/needle-sizes")
    @Operation(summary = "All standard sizes, thinnest first")
    List<NeedleAnswer.SizeAnswer> sizes() {
        return NeedleSize.LADDER.stream().map(NeedleAnswer.SizeAnswer::of).toList();
    }
}
