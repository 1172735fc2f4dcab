<?php

declare(strict_types=1);

namespace Tests\Wording;

use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Advice\WaysOut;
use Hojaldre\Core\AtOven\ActName;
use Hojaldre\Core\AtOven\CueName;
use Hojaldre\Core\AtOven\GateItemName;
use Hojaldre\Core\AtOven\SafetyState;
use Hojaldre\Core\AtOven\ShellSeen;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\LimitName;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingUnit;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Measure\TemperatureScale;
use Hojaldre\Core\Pastry\ShellLook;
use Hojaldre\Core\Record\CauseName;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Record\SliceWord;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;
use MessageFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** The one place where codes become sentences. */
final class WordsTest extends TestCase
{
    public function test_every_code_that_the_core_and_the_app_can_say_has_a_sentence(): void
    {
        $said = [];
        foreach (self::sources() as $code) {
            preg_match_all("/new Statement\('([a-z.-]+)'[,)]/", $code, $statements);
            preg_match_all("/(?:new Refusal|Refused::because|->refuse)\((?:[^()]*\? )?'([a-z-]+)'(?: : '([a-z-]+)')?/", $code, $refusals);
            $said = [...$said, ...$statements[1], ...array_map(static fn (string $one): string => "refused.$one", array_filter([...$refusals[1], ...$refusals[2]]))];
        }
        self::assertGreaterThan(80, count(array_unique($said)));
        self::assertSame([], array_values(array_diff(array_unique($said), array_keys(self::sentences()))));
    }

    public function test_every_word_for_a_verdict_a_limit_a_reading_and_an_event_is_there(): void
    {
        $words = new Words;
        foreach (['verdict' => Verdict::cases(), 'limit' => LimitName::cases(), 'reading' => ReadingName::cases(), 'unit' => ReadingUnit::cases(), 'event' => BakeEvent::cases(), 'cue' => BakeEvent::cases(), 'brownness' => Brownness::cases(), 'shell-look' => ShellLook::cases(), 'gate' => GateItemName::cases(), 'gate-stop' => GateItemName::cases(), 'gate-mend' => GateItemName::cases(), 'oven-act' => ActName::cases(), 'oven-done' => ActName::cases(), 'look-for' => CueName::cases(), 'look-for-out' => CueName::cases(), 'shell-seen' => ShellSeen::cases(), 'shell-then' => ShellSeen::cases(), 'safety' => SafetyState::cases(), 'fault' => FaultName::cases(), 'cause' => CauseName::cases(), 'check' => CauseName::cases(), 'next' => CauseName::cases(), 'slice' => SliceWord::cases()] as $group => $cases) {
            foreach ($cases as $case) {
                self::assertArrayHasKey("$group.$case->value", self::sentences());
            }
        }
        self::assertSame('not yet', $words->word('verdict', Verdict::NotYetSafe));
    }

    public function test_every_pattern_can_be_formatted(): void
    {
        foreach (self::sentences() as $code => $pattern) {
            self::assertNotNull(MessageFormatter::create('en', $pattern), "$code: $pattern");
        }
    }

    /** Whoever reads a sentence aloud must not meet a code, a gap or a brace. */
    public function test_whatever_is_said_of_pies_is_whole_sentences(): void
    {
        $words = new Words;
        foreach ([TroutQuiche::pie(), TroutQuiche::withCustard(0, 400), TroutQuiche::withLeeks(450), OtherPies::deep(), OtherPies::folds()] as $pie) {
            $forecast = Forecast::of($pie);
            $said = array_merge(...array_map(static fn ($reading): array => $reading->reasons, $forecast->readings), ...[$forecast->assumptions(), $forecast->cautions()]);
            foreach ($said as $statement) {
                self::assertMatchesRegularExpression('/^[A-Z0-9"][^{}]*[.:]$/u', $words->say($statement), $statement->code);
            }
            foreach (WaysOut::all($forecast) as $ways) {
                foreach ($ways as $way) {
                    foreach ($way->acts as $act) {
                        self::assertMatchesRegularExpression('/^[A-Z][^{}]*[^.{}]$/u', $words->say($act), $act->code);
                    }
                }
            }
        }
    }

    #[TestWith([TemperatureScale::Celsius, '180 °C'])]
    #[TestWith([TemperatureScale::Fahrenheit, '356 °F'])]
    #[TestWith([TemperatureScale::GasMark, 'gas 4'])]
    public function test_an_oven_is_told_in_the_cooks_own_scale(TemperatureScale $scale, string $told): void
    {
        self::assertStringContainsString($told, (new Words($scale))->oven(180));
    }

    public function test_a_probe_and_an_oven_are_told_in_fahrenheit_to_a_cook_who_thinks_in_it(): void
    {
        $words = new Words(TemperatureScale::Fahrenheit);
        self::assertStringContainsString('325 °F', $words->say(new Statement('act.cooler-oven', ['ovenCelsius' => 162.8, 'inMinutes' => 55.0])));
        self::assertStringContainsString('160 °F', $words->say(new Statement('cue.safe', ['safeCelsius' => 71.0])));
    }

    public function test_a_way_out_is_told_to_the_gram_and_the_spoon(): void
    {
        $words = new Words;
        self::assertSame('Press 35 g more from the leeks, to 280 g', $words->say(new Statement('act.press-out', ['lessGrams' => 35.0, 'food' => 'Leeks', 'nowGrams' => 280.0])));
        self::assertSame('Add 2 eggs', $words->say(new Statement('act.add-eggs', ['eggs' => 2])));
        self::assertSame('Add an egg', $words->say(new Statement('act.add-eggs', ['eggs' => 1])));
        self::assertStringContainsString('6.9 g', $words->say(new Statement('act.add-salt', ['saltGrams' => 6.9, 'quarterTeaspoons' => 5])));
    }

    public function test_a_refusal_names_the_field_and_how_to_mend_it(): void
    {
        $words = new Words;
        self::assertStringContainsString('1 to 15 mm', $words->mend(new Refusal('not-a-number', '/crust/thicknessMm', ['field' => 'thicknessMm', 'least' => 1.0, 'most' => 15.0, 'unit' => 'mm'])));
        self::assertStringContainsString('g, ml or cups', $words->mend(new Refusal('not-one-of', '/unit', ['field' => 'unit', 'allowed' => ['g', 'ml', 'cups']])));
    }

    /** @return iterable<string, array{Tin, string}> */
    public static function tins(): iterable
    {
        yield 'straight' => [new StraightTin(240, 35), '24 cm straight tin, 3.5 cm deep'];
        yield 'oblong' => [new RectangularTin(350, 110, 25, 0), '35 × 11 cm tin, 2.5 cm deep'];
        yield 'square' => [new RectangularTin(200, 200, 40, 0), '20 cm square tin, 4 cm deep'];
        yield 'cups' => [new CupsTin(12, 50, 70, 30), '12 cups of 7 cm, 3 cm deep'];
        yield 'dish' => [new MeasuredDish(1200, 50), '1,200 ml dish, 5 cm deep'];
    }

    #[DataProvider('tins')]
    public function test_a_tin_is_named_as_a_cook_names_it(Tin $tin, string $label): void
    {
        self::assertSame($label, (new Words)->say(TinWords::label($tin)));
    }

    /** @return iterable<string> */
    private static function sources(): iterable
    {
        foreach (['core/src', 'app'] as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder")) as $file) {
                if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                    yield (string) file_get_contents($file->getPathname());
                }
            }
        }
    }

    /** @return array<string, string> */
    private static function sentences(): array
    {
        return require dirname(__DIR__, 2).'/lang/en.php';
    }
}
