<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Pie;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\OnePan;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** "Leeks, onions and bacon: 520 g now." Sums by hand. */
final class OnePanTest extends TestCase
{
    private const ALL = ['leeks', 'onions', 'bacon'];

    public function test_each_food_keeps_its_share_of_the_one_weight(): void
    {
        // leeks went from 400 to 240 alone and onions from 200 to 140: in the pan they lose 80 and 30 of the 110 g
        $pie = OnePan::weighed(self::pie(), ['leeks', 'onions'], '490 g', self::units());
        self::assertEqualsWithDelta(320.0, self::layer($pie, 'leeks')->now->grams, 0.01);
        self::assertEqualsWithDelta(170.0, self::layer($pie, 'onions')->now->grams, 0.01);
    }

    public function test_what_nobody_prepared_yet_loses_as_kitchens_say_it_does(): void
    {
        // leeks keep 62 to 75 % and onions 50 to 60: alone they would lose 126 g of 400 and 90 g of 200; the pan has lost half of that
        $raw = array_map(static fn (SolidLayer $one): SolidLayer => $one->withSteps([]), self::pie()->solids());
        $pie = OnePan::weighed(self::pie()->withLayers($raw), ['leeks', 'onions'], '492 g', self::units());
        self::assertEqualsWithDelta([337.0, 155.0], [self::layer($pie, 'leeks')->now->grams, self::layer($pie, 'onions')->now->grams], 0.1);
    }

    public function test_only_the_last_of_several_steps_was_in_the_pan(): void
    {
        $leeks = new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(500), [new Step('blanched', Amount::of(450)), new Step('sweated', Amount::of(350))], null);
        $onions = new SolidLayer('onions', Pantry::food('onions'), Amount::of(250), [new Step('salted', Amount::of(200)), new Step('softened', Amount::of(150))], null);
        // 650 g went in and 100 and 50 g were thought to go; 75 g went: 50 and 25
        $pie = OnePan::weighed(self::pie()->withLayers([$leeks, $onions]), ['leeks', 'onions'], '575 g', self::units());
        self::assertEqualsWithDelta([450.0, 400.0, 200.0, 175.0], array_map(static fn (Step $one): float => $one->after->grams, [...self::layer($pie, 'leeks')->steps, ...self::layer($pie, 'onions')->steps]), 0.1);
    }

    public function test_the_one_weight_is_what_goes_in_whatever_it_is_written_in(): void
    {
        // 1 lb 2 oz is 510.3 g
        $pie = OnePan::weighed(self::pie(), self::ALL, '1 lb 2 oz', self::units());
        self::assertEqualsWithDelta(510.3, array_sum(array_map(static fn (string $id): float => self::layer($pie, $id)->now->grams, self::ALL)), 0.1);
    }

    /** Bacon that is lighter by its pan need not be done. */
    public function test_what_was_done_to_each_stays_and_raw_flesh_is_not_called_cooked(): void
    {
        $pie = OnePan::weighed(self::pie(), self::ALL, '520 g', self::units());
        self::assertSame(['sweated', 'softened', 'weighed in one pan'], array_map(static fn (string $id): string => self::layer($pie, $id)->steps[0]->preparation, self::ALL));
        self::assertSame(4.0, self::layer($pie, 'leeks')->steps[0]->saltGrams);
        self::assertCount(1, array_unique(array_map(static fn (string $id): string => self::layer($pie, $id)->pan, self::ALL)));
    }

    public function test_the_trout_that_was_not_in_the_pan_stays_as_it_was(): void
    {
        $pie = OnePan::weighed(self::pie(), ['leeks', 'onions'], '490 g', self::units());
        self::assertEquals(self::layer(self::pie(), 'bacon'), self::layer($pie, 'bacon'));
    }

    public function test_a_second_pan_has_a_name_of_its_own(): void
    {
        $pie = OnePan::weighed(self::pie(), ['leeks', 'onions'], '490 g', self::units());
        $pie = OnePan::weighed($pie, ['bacon', 'trout'], '300 g', self::units());
        self::assertNotSame(self::layer($pie, 'leeks')->pan, self::layer($pie, 'bacon')->pan);
    }

    public function test_about_520_g_widens_each_of_them(): void
    {
        $leeks = self::layer(OnePan::weighed(self::pie(), self::ALL, 'about 520 g', self::units()), 'leeks');
        self::assertLessThan($leeks->now->grams, $leeks->now->leastGrams);
        self::assertGreaterThan($leeks->now->grams, $leeks->now->mostGrams);
    }

    public function test_what_the_scale_said_is_assumed_no_more(): void
    {
        $pie = self::pie()->withAssumed(Assumed::all('/layers/leeks/steps/0/after', '/layers/leeks/bought', '/layers/bacon/fromCelsius'));
        $assumed = array_map(static fn (Assumed $one): string => $one->place, OnePan::weighed($pie, ['leeks', 'onions'], '490 g', self::units())->assumed);
        self::assertSame(['/layers/leeks/bought', '/layers/bacon/fromCelsius'], $assumed);
    }

    public function test_a_pie_with_a_pan_goes_out_and_comes_in_the_same(): void
    {
        $pie = OnePan::weighed(self::pie(), self::ALL, '520 g', self::units());
        self::assertEquals($pie, PieFile::read(PieFile::write($pie)));
    }

    /** @param  list<string>  $ids */
    #[TestWith([['leeks'], '300 g', 'pan-of-one'])]
    #[TestWith([['leeks', 'leeks'], '300 g', 'pan-of-one'])]
    #[TestWith([['leeks', 'parsley'], '300 g', 'no-such-layer'])]
    #[TestWith([['leeks', 'onions'], '3 large', 'pan-not-a-weight'])]
    #[TestWith([['leeks', 'onions'], 'two cups', 'pan-not-a-weight'])]
    #[TestWith([['leeks', 'onions'], 'plenty', 'pan-not-a-weight'])]
    #[TestWith([['leeks', 'onions'], '601 g', 'heavier-than-before'])]
    #[TestWith([['leeks', 'onions'], '20 g', 'drier-than-dry'])]
    public function test_what_cannot_be_is_refused(array $ids, string $words, string $code): void
    {
        try {
            OnePan::weighed(self::pie(), $ids, $words, self::units());
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame($code, $refused->refusals[0]->code);
        }
    }

    public function test_all_that_went_in_and_nothing_lost_is_taken(): void
    {
        $pie = OnePan::weighed(self::pie(), ['leeks', 'onions'], '600 g', self::units());
        self::assertEqualsWithDelta([400.0, 200.0], [self::layer($pie, 'leeks')->now->grams, self::layer($pie, 'onions')->now->grams], 0.01);
    }

    private static function pie(): Pie
    {
        return TroutQuiche::pie()->withLayers([
            new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(400), [new Step('sweated', Amount::of(240), 4.0)], null),
            new SolidLayer('onions', Pantry::food('onions'), Amount::of(200), [new Step('softened', Amount::of(140))], null),
            new SolidLayer('bacon', Pantry::food('streaky-bacon'), Amount::of(150), [], null),
            new SolidLayer('trout', Pantry::food('smoked-trout'), Amount::of(180), [], null),
            TroutQuiche::custard(),
        ]);
    }

    private static function layer(Pie $pie, string $id): SolidLayer
    {
        foreach ($pie->solids() as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }
        self::fail("No $id.");
    }

    private static function units(): CookUnits
    {
        return CookUnits::of(VolumeSystem::Metric);
    }
}
