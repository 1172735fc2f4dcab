<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Refusal\Refused;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AmountParserTest extends TestCase
{
    #[TestWith(['315 g', 'leeks', 315.0])]
    #[TestWith(['3 medium', 'leeks', 450.0])]
    #[TestWith(['3 medium leeks', 'leeks', 450.0])]
    #[TestWith(['1/2 kg', 'leeks', 500.0])]
    #[TestWith(['450 g, trimmed', 'leeks', 450.0])]
    #[TestWith(['2 lb 4 oz', 'leeks', 1020.58])]
    #[TestWith(['2 lb and 4 oz', 'leeks', 1020.58])]
    #[TestWith(['5 large eggs', 'egg', 250.0])]
    #[TestWith(['240 ml', 'single-cream', 242.4])]
    #[TestWith(['1 1/2 cups', 'whole-milk', 386.25])]
    #[TestWith(['1½ cups', 'whole-milk', 386.25])]
    #[TestWith(['½ tsp', 'salt', 3.0])]
    #[TestWith(['1,5 dl', 'whole-milk', 154.5])]
    #[TestWith(['12 leaves', 'sage', 6.0])]
    #[TestWith(['8 fl oz', 'whole-milk', 234.12])]
    #[TestWith(['0 g', 'leeks', 0.0])]
    public function test_amounts_are_read_as_cooks_write_them(string $words, string $food, float $grams): void
    {
        $entry = (new AmountParser(CookUnits::of(VolumeSystem::Metric)))->read($words, Pantry::food($food));
        self::assertEqualsWithDelta($grams, $entry->value, 0.01);
        self::assertSame($words, $entry->words);
    }

    public function test_a_us_cup_is_less_than_a_metric_one(): void
    {
        $milk = Pantry::food('whole-milk');
        self::assertEqualsWithDelta(243.69, (new AmountParser(CookUnits::of(VolumeSystem::Us)))->read('1 cup', $milk)->value, 0.01);
        self::assertEqualsWithDelta(257.5, (new AmountParser(CookUnits::of(VolumeSystem::Metric)))->read('1 cup', $milk)->value, 0.01);
    }

    /** Common practice, no source: a metric cup of grated hard cheese is about 110 g, of crumbled white or blue cheese about 150 g. */
    public function test_a_cup_of_cheese_weighs_what_kitchens_say(): void
    {
        $reader = new AmountParser(CookUnits::of(VolumeSystem::Metric));
        self::assertEqualsWithDelta(110, $reader->read('1 cup', Pantry::food('hard-cheese'))->value, 10);
        self::assertEqualsWithDelta(150, $reader->read('1 cup', Pantry::food('blue-cheese'))->value, 10);
    }

    #[TestWith(['450', 'leeks', 'unit-missing'])]
    #[TestWith(['3 bunches', 'leeks', 'unit-unknown-for-food'])]
    #[TestWith(['3 bananas', 'leeks', 'words-not-understood'])]
    #[TestWith(['300 g more', 'leeks', 'words-not-understood'])]
    #[TestWith(['2 extra', 'leeks', 'words-not-understood'])]
    #[TestWith(['', 'leeks', 'number-missing'])]
    #[TestWith(['some', 'leeks', 'number-missing'])]
    public function test_a_slip_is_refused_by_its_code(string $words, string $food, string $code): void
    {
        try {
            (new AmountParser(CookUnits::of(VolumeSystem::Metric)))->read($words, Pantry::food($food));
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame($code, $refused->refusals[0]->code);
        }
    }
}
