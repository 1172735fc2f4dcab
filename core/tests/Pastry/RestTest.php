<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Pastry;

use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Rest\Rest;
use Hojaldre\Core\Pastry\Rest\RestName;
use Hojaldre\Core\Pastry\Rest\RestPlan;
use Hojaldre\Core\Pastry\Rest\Shrinkage;
use Hojaldre\Core\Pastry\Rolled\TinProfile;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\TestCase;

/** Directions and minutes: common practice, no source. */
final class RestTest extends TestCase
{
    public function test_every_rest_is_between_ten_minutes_and_two_hours(): void
    {
        foreach (HouseDoughs::ids() as $id) {
            foreach ([18.0, 31.0] as $celsius) {
                foreach (self::rests(self::dough($id), $celsius) as $rest) {
                    self::assertTrue($rest->leastMinutes >= 10 && $rest->leastMinutes <= $rest->usualMinutes && $rest->usualMinutes <= $rest->mostMinutes && $rest->mostMinutes <= 120, "$id {$rest->name->value}");
                }
            }
        }
    }

    public function test_a_plain_dough_rests_half_an_hour_a_rich_one_an_hour_and_a_hot_one_a_quarter(): void
    {
        self::assertSame(30.0, self::rest('shortcrust', RestName::AfterMixing)->usualMinutes);
        self::assertSame(60.0, self::rest('rich-shortcrust', RestName::AfterMixing)->usualMinutes);
        self::assertSame(120.0, self::rest('rich-shortcrust', RestName::AfterMixing)->mostMinutes);
        self::assertSame(60.0, self::rest('patty-dough', RestName::AfterMixing)->usualMinutes);
        self::assertSame(15.0, self::rest('hot-water-crust', RestName::AfterMixing)->usualMinutes);
    }

    public function test_a_folded_dough_rests_after_each_fold(): void
    {
        $rest = self::rest('rough-puff', RestName::BetweenFolds);
        self::assertSame(4, $rest->times);
        self::assertSame([10.0, 15.0], [$rest->leastMinutes, $rest->usualMinutes]);
        self::assertNotContains(RestName::BetweenFolds, self::names('shortcrust'));
    }

    public function test_only_dough_with_cold_fat_must_temper(): void
    {
        self::assertContains(RestName::Temper, self::names('shortcrust'));
        self::assertNotContains(RestName::Temper, self::names('oil-crust'));
        self::assertNotContains(RestName::Temper, self::names('hot-water-crust'));
    }

    public function test_over_25_degrees_dough_is_chilled_longer(): void
    {
        $cool = self::rest('shortcrust', RestName::InTheTin, 25);
        $warm = self::rest('shortcrust', RestName::InTheTin, 26);
        self::assertGreaterThan($cool->usualMinutes, $warm->usualMinutes);
    }

    public function test_a_rest_that_is_skipped_costs_height_and_room_for_custard(): void
    {
        $rest = self::rest('shortcrust', RestName::AfterMixing);
        $chill = self::rest('shortcrust', RestName::InTheTin);
        self::assertTrue($rest->lowerMm > 0.5 && $rest->lowerMm < 6, (string) $rest->lowerMm);
        self::assertTrue($chill->lowerMm > 0.3 && $chill->lowerMm < $rest->lowerMm);
        // a millimetre of a 24 cm tin is 45 ml
        self::assertEqualsWithDelta(M_PI_4 * 24 * 24 * $rest->lowerMm / 10, $rest->lessMl, 1e-6);
        self::assertTrue($rest->isTougher);
        self::assertFalse($chill->isTougher);
        self::assertFalse(self::rest('gluten-free-shortcrust', RestName::AfterMixing)->isTougher, 'without gluten nothing tightens');
    }

    public function test_where_no_tin_is_lined_no_side_can_sink(): void
    {
        foreach (RestPlan::of(self::dough('shortcrust'), 3, null, null, 20) as $rest) {
            self::assertSame(0.0, $rest->lowerMm);
            self::assertSame(0.0, $rest->lessMl);
        }
    }

    public function test_what_cooks_say_makes_a_shell_shrink_does(): void
    {
        $plain = self::dough('shortcrust');
        $share = static fn (Formula $dough, float $mm, ?ShellSupport $how, float $celsius, float $rest, float $chill): float => (new Shrinkage($dough, $mm, $how, $celsius))->share($rest, $chill);
        $usual = $share($plain, 3, ShellSupport::Weighted, 20, 30, 20);
        self::assertLessThan($share($plain, 3, ShellSupport::Weighted, 20, 0, 20), $usual, 'no rest');
        self::assertLessThan($share($plain, 3, ShellSupport::Weighted, 20, 30, 0), $usual, 'no chill');
        self::assertLessThan($share($plain, 2, ShellSupport::Weighted, 20, 30, 20), $usual, 'thinner');
        self::assertLessThan($share($plain, 3, ShellSupport::Weighted, 30, 30, 20), $usual, 'a warm kitchen');
        self::assertSame($usual, $share($plain, 3, ShellSupport::Weighted, 24, 30, 20), 'a cool one does not matter');
        self::assertLessThan($usual, $share(self::dough('patty-dough'), 3, ShellSupport::Weighted, 20, 30, 20), 'more fat');
        self::assertLessThan($usual, $share(self::dough('gluten-free-shortcrust'), 3, ShellSupport::Weighted, 20, 30, 20), 'no gluten');
        self::assertGreaterThan($usual, $share(self::dough('rough-puff'), 3, ShellSupport::Weighted, 20, 30, 20) * 1.5, 'folding is work, fat helps');
        $held = array_map(static fn (?ShellSupport $how): float => $share($plain, 3, $how, 20, 30, 20), [ShellSupport::Bare, ShellSupport::Pricked, ShellSupport::Propped, ShellSupport::Weighted, null]);
        $sorted = $held;
        rsort($sorted);
        self::assertSame($sorted, $held, 'bare shrinks most, weights to the rim hold, a raw filling holds best');
        self::assertEqualsWithDelta(2.0, $held[0] / $held[3], 1e-9);
    }

    /** By hand: 0.16 x 1 x (60/50)^0.4 x (0.45 + 0.55/e) x (0.6 + 0.4/e) x 1 x 1 for a rest of 25 and a chill of 12, bare: 0.0831. */
    public function test_the_formula_by_hand(): void
    {
        $expected = 0.16 * 1.2 ** 0.4 * (0.45 + 0.55 / M_E) * (0.6 + 0.4 / M_E);
        self::assertEqualsWithDelta($expected, (new Shrinkage(self::dough('shortcrust'), 3, ShellSupport::Bare, 20))->share(25, 12), 1e-12);
        self::assertEqualsWithDelta($expected * (40 + 0.33 * 100), (new Shrinkage(self::dough('shortcrust'), 3, ShellSupport::Bare, 20))->lowerMm(40, 100, 25, 12), 1e-9);
        self::assertLessThanOrEqual(0.2, (new Shrinkage(self::dough('rough-puff'), 1, ShellSupport::Bare, 40))->share(0, 0));
    }

    /** 10 mm left over the rim is enough for what a weighted, rested shell loses (common practice, no source). */
    public function test_ten_millimetres_over_are_enough_for_a_rested_shell(): void
    {
        self::assertLessThan(10.0, (new Shrinkage(self::dough('shortcrust'), 3, ShellSupport::Weighted, 22))->lowerMm(50, 130, 30, 20));
    }

    private static function dough(string $id): Formula
    {
        return HouseDoughs::of($id) ?? self::fail($id);
    }

    /** @return list<Rest> */
    private static function rests(Formula $dough, float $celsius): array
    {
        return RestPlan::of($dough, 3, ShellSupport::Weighted, TinProfile::of(new StraightTin(240, 35)), $celsius);
    }

    private static function rest(string $dough, RestName $name, float $celsius = 20): Rest
    {
        foreach (self::rests(self::dough($dough), $celsius) as $one) {
            if ($one->name === $name) {
                return $one;
            }
        }
        self::fail($name->value);
    }

    /** @return list<RestName> */
    private static function names(string $dough): array
    {
        return array_map(static fn (Rest $one): RestName => $one->name, self::rests(self::dough($dough), 20));
    }
}
