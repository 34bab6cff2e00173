package almanac.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import almanac.core.history.PlantStatus;
import almanac.core.kinds.StandardKinds;
import almanac.core.pot.PotType;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SheetReaderTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  private static final Known KNOWN =
      new Known(
          StandardKinds.standard().stream()
              .collect(Collectors.toMap(kind -> kind.key(), kind -> kind.name())),
          Map.of(1L, "Kitchen sill", 2L, "Shelf 1"),
          Set.of("26-001"),
          List.of("Phalaenopsis Towpath"));

  private static Sheet sheet(String... lines) {
    return Heading.of(
        Arrays.stream(lines).map(line -> List.of(line.split("\\|", -1))).toList(), TODAY);
  }

  private static Decisions guess(Sheet sheet) {
    return Decisions.guess(sheet, PotUnit.CM, TODAY);
  }

  private static SheetReading read(Sheet sheet) {
    return SheetReader.read(sheet, guess(sheet), KNOWN, TODAY);
  }

  @Test
  void headingsAreFoundBelowATitleAndColumnsByWhatStandsAboveThem() {
    var sheet =
        sheet(
            "My orchids|printed 3.2.2026",
            "",
            "Plant name|Location|Last repotted|Pot (mm)|Bought on|Paid|Mood",
            "Phalaenopsis Reed Hollow|Kitchen sill|2024-05|120|1.3.2020|8|sulks");

    assertThat(guess(sheet).columns())
        .containsExactly(
            Meaning.LABEL,
            Meaning.PLACE,
            Meaning.POTTED_ON,
            Meaning.POT_SIZE,
            Meaning.ARRIVED_ON,
            Meaning.PRICE,
            Meaning.NOTES);
    var told = read(sheet).plants().get(0);
    assertThat(told.row()).isEqualTo(4);
    assertThat(told.kind()).isEqualTo(new KindChoice("phalaenopsis", false));
    assertThat(told.place()).isEqualTo(new PlaceChoice(1L, "Kitchen sill"));
    assertThat(told.potted().pottedOn().text()).isEqualTo("2024-05");
    assertThat(told.came().arrivedOn()).contains(LocalDate.of(2020, 3, 1));
    assertThat(told.notes()).isEqualTo("Mood: sulks");
  }

  @Test
  void aTableWithoutHeadingsKeepsItsFirstPlant() {
    var sheet = sheet("Vanda High Water|window|2023", "Vanda Low Water|window|2024");

    assertThat(sheet.columns()).containsExactly("column A", "column B", "column C");
    assertThat(sheet.rows()).hasSize(2);
    assertThat(guess(sheet).columns())
        .containsExactly(Meaning.LABEL, Meaning.NOTES, Meaning.POTTED_ON);
  }

  @Test
  void aGenusOfItsOwnColumnIsPutBeforeTheNameOnce() {
    var reading =
        read(
            sheet("Genus|Name", "Brassia|Lock Gate", "Brassia|Brassia Sluice", "Vanda|High Water"));

    assertThat(reading.plants())
        .extracting(RowTold::label)
        .containsExactly("Brassia Lock Gate", "Brassia Sluice", "Vanda High Water");
  }

  @Test
  void theOrderOfDaysIsAskedForWhereItMattersAndGuessedByTheOthers() {
    var order =
        read(sheet("Name|Potted", "Vanda A|3/4/2024", "Vanda B|2/25/2024", "Vanda C|5/5/2024"));

    assertThat(order.days().asked()).isTrue();
    assertThat(order.days().proven()).isTrue();
    assertThat(order.days().example().orElseThrow())
        .isEqualTo(new DayOrder.Example("3/4/2024", "2024-04-03", "2024-03-04"));
    assertThat(order.plants().get(0).potted().pottedOn().text()).isEqualTo("2024-03-04");
  }

  @Test
  void aDayInTheOtherOrderIsReadAndSaid() {
    var reading =
        read(sheet("Name|Potted", "Vanda A|25/4/2024", "Vanda B|26/4/2024", "Vanda C|4/27/2024"));

    assertThat(reading.doubts())
        .containsExactly(new Remark(4, 1, "4/27/2024", "taken for 2024-04-27"));
  }

  @Test
  void everyBadCellIsNamedWithItsReason() {
    var reading =
        read(
            sheet(
                "Name|No|Potted|Pot",
                "Vanda A|26-001|2024|12",
                "Vanda B|7|yesterweek|12",
                "Vanda C|7|2030-01-01|12",
                "|8|2024|12",
                "Mystery D|9|2024|950 cm",
                "Vanda E|10|2024|12"));

    assertThat(reading.plants()).extracting(RowTold::label).containsExactly("Vanda E");
    assertThat(reading.faults())
        .extracting(Remark::row, Remark::column, Remark::why)
        .containsExactly(
            tuple(2, 1, "a plant of the collection has this number"),
            tuple(3, 2, "this cannot be read as a day, a month or a year"),
            tuple(4, 2, "2030-01-01 lies in the future, or too far back"),
            tuple(4, 1, "row 3 has this number too"),
            tuple(5, 0, "there is no name"),
            tuple(6, 0, "nobody knows what kind of plant “Mystery” is; choose it under Kinds"),
            tuple(6, 3, "a pot's diameter goes from 20 to 1000 mm"));
  }

  @Test
  void whatItsOwnerSaysHolds() {
    var sheet = sheet("Name|Where|Potted", "Mystery D|the lft|soon", "Vanda E|loft|2024");
    var guess = guess(sheet);
    var decided =
        new Decisions(
            guess.columns(),
            true,
            PotUnit.CM,
            Map.of("mystery", new KindChoice("vanda", true)),
            Map.of("the lft", new PlaceChoice(null, "Loft"), "loft", new PlaceChoice(null, "Loft")),
            Map.of(new Cell(2, 2), "2025-03"),
            Set.of(3));

    var reading = SheetReader.read(sheet, decided, KNOWN, TODAY);

    assertThat(reading.faults()).isEmpty();
    var told = reading.plants();
    assertThat(told).hasSize(1);
    assertThat(told.get(0).kind()).isEqualTo(new KindChoice("vanda", true));
    assertThat(told.get(0).place().name()).isEqualTo("Loft");
    assertThat(told.get(0).potted().pottedOn().text()).isEqualTo("2025-03");
  }

  @Test
  void placesWrittenALittleOtherwiseAreOneAndNumbersTellThemApart() {
    var reading =
        read(
            sheet(
                "Name|Place",
                "Vanda A|kitchen  SILL",
                "Vanda B|Kitchn sill",
                "Vanda C|Shelf 2",
                "Vanda D|"));

    assertThat(reading.places())
        .extracting(each -> each.words(), each -> each.choice().name(), each -> each.sure())
        .containsExactly(
            tuple("kitchen  SILL", "Kitchen sill", true),
            tuple("Kitchn sill", "Kitchen sill", false),
            tuple("Shelf 2", "Shelf 2", true),
            tuple("", "Not placed yet", false));
    assertThat(reading.places().get(2).choice().id()).isNull();
  }

  @Test
  void potMixAndFateAreReadOrKeptInTheNotes() {
    var reading =
        read(
            sheet(
                "Name|Pot size|Pot type|Medium|Status|Notes",
                "Vanda A|4\"|terracotta|bark/perlite 3:1|alive|red",
                "Vanda B|big|amphora|fairy dust|resting|",
                "Vanda C|12 cm|clear|moss|died March 2024|"));

    var first = reading.plants().get(0);
    assertThat(first.potted().pot().diameterMm()).isEqualTo(102);
    assertThat(first.potted().pot().type()).isEqualTo(PotType.CLAY);
    assertThat(first.potted().mix().orElseThrow().words()).isEqualTo("medium bark 3 : perlite 1");
    assertThat(first.notes()).isEqualTo("red");
    var second = reading.plants().get(1);
    assertThat(second.potted().mix()).isEmpty();
    assertThat(second.notes().lines())
        .containsExactlyInAnyOrder(
            "Pot size: big", "Pot type: amphora", "Medium: fairy dust", "Status: resting");
    assertThat(reading.doubts()).hasSize(5);
    assertThat(reading.plants().get(2).fate().status()).isEqualTo(PlantStatus.LOST);
    assertThat(reading.plants().get(2).fate().because()).isEqualTo("died March 2024");
  }

  @Test
  void onePlantTwiceAndOneThatIsHereAlreadyAreSaid() {
    var reading = read(sheet("Name|Place", "Vanda A|x", "vanda a|x", "Phalaenopsis Towpath|x"));

    assertThat(reading.doubts())
        .extracting(Remark::row, Remark::why)
        .containsExactly(
            tuple(3, "stands in row 2 in the same words"),
            tuple(4, "a plant of this name is here already"));
  }

  @Test
  void thePotsUnitIsTheHeadingsOrMillimetresWhereNoneCouldBeAsWide() {
    assertThat(guess(sheet("Name|Pot (in)", "Vanda A|4")).potUnit()).isEqualTo(PotUnit.INCH);
    assertThat(guess(sheet("Name|Pot", "Vanda A|9", "Vanda B|120")).potUnit())
        .isEqualTo(PotUnit.MM);
    assertThat(guess(sheet("Name|Pot", "Vanda A|9")).potUnit()).isEqualTo(PotUnit.CM);
  }

  /** A text of so many letters in one column, beside a name that is known. */
  private static List<String> faults(String heading, int letters) {
    var text = "a".repeat(letters);
    var reading = read(sheet("Plant name|" + heading, "Vanda High Water|" + text));
    return reading.faults().stream().map(Remark::why).toList();
  }

  @ParameterizedTest
  @CsvSource({
    "Location, 80, a place's name has at most 80 characters",
    "Came from, 200, this has at most 200 characters",
    "Paid, 40, this has at most 40 characters",
    "Notes, 4000, notes have at most 4000 characters"
  })
  void whatIsTooLongIsAFaultAndWhatJustFitsIsNot(String heading, int longest, String why) {
    assertThat(faults(heading, longest)).isEmpty();
    assertThat(faults(heading, longest + 1)).containsExactly(why);
  }

  @Test
  void aNameIsNeitherEmptyNorEndless() {
    var long200 = "Vanda " + "a".repeat(194);
    assertThat(read(sheet("Plant name|Location", long200 + "|window")).faults()).isEmpty();
    assertThat(read(sheet("Plant name|Location", long200 + "a|window")).faults())
        .extracting(Remark::why)
        .containsExactly("a name has at most 200 characters");
    assertThat(
            read(sheet("Plant name|Location|Pot (mm)", "Vanda A|window|120", "|window|120"))
                .faults())
        .extracting(Remark::why)
        .contains("there is no name");
  }

  @Test
  void aDayOfArrivalThatIsAMonthIsItsMiddleAndStaysInTheNotes() {
    var reading =
        read(sheet("Plant name|Bought on", "Vanda High Water|May 2020", "Vanda Low Water|2020"));
    assertThat(reading.plants().get(0).came().arrivedOn()).contains(LocalDate.of(2020, 5, 16));
    assertThat(reading.plants().get(1).came().arrivedOn()).contains(LocalDate.of(2020, 7, 1));
    assertThat(reading.plants().get(0).notes()).isEqualTo("Bought on: May 2020");
    assertThat(reading.doubts())
        .extracting(Remark::why)
        .contains("no single day; taken for the middle of it, 2020-05-16, and kept in the notes");
  }

  @Test
  void shortNamesOfGeneraAndTheLeavesOfACattleyaAreKnown() {
    var reading =
        read(
            sheet(
                "Name|Genus/type",
                "Phal. Sunday Bell|",
                "C. Iron Ring (bifoliate)|",
                "Tow Line|Cattleya, two-leaved",
                "Den. Long Reach (deciduous)|"));
    assertThat(reading.plants())
        .extracting(RowTold::label, plant -> plant.kind().key())
        .containsExactly(
            tuple("Phal. Sunday Bell", "phalaenopsis"),
            tuple("C. Iron Ring (bifoliate)", "cattleya-two-leaved"),
            tuple("Tow Line", "cattleya-two-leaved"),
            tuple("Den. Long Reach (deciduous)", "dendrobium-deciduous"));
  }

  @ParameterizedTest
  @CsvSource({"0, A", "25, Z", "26, AA", "51, AZ", "52, BA", "701, ZZ", "702, AAA"})
  void columnsAreCalledAsSpreadsheetsDo(int column, String letters) {
    assertThat(Heading.letters(column)).isEqualTo(letters);
  }

  @ParameterizedTest
  @CsvSource({"Pot (mm), MM", "Pot cm, CM", "Pot in, INCH", "Pot inches, INCH", "Pot,"})
  void theUnitOfPotsStandsInTheirHeading(String head, PotUnit unit) {
    assertThat(PotUnit.named(head)).isEqualTo(java.util.Optional.ofNullable(unit));
    for (var each : PotUnit.values()) {
      assertThat(each.words()).isNotBlank();
    }
  }
}
