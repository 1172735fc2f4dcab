<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Scaling;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\TestCase;

final class ScalingTest extends TestCase
{
    public function test_twice_the_pie_is_told_in_whole_eggs_where_they_come_out_whole(): void
    {
        $twice = Scaling::by(TroutQuiche::pie(), 2);
        self::assertSame('10 large', $twice->custard()?->eggs[0]->amount->words);
        self::assertSame('6 medium', $twice->solids()[0]->bought->words);
        self::assertSame('375 g', Scaling::by(TroutQuiche::pie(), 1.5)->custard()?->eggs[0]->amount->words, 'seven and a half eggs are weighed');
    }

    public function test_for_twelve_instead_of_eight_there_is_half_as_much_again(): void
    {
        $twelve = Scaling::fromPortions(TroutQuiche::pie()->withPortions(12), 8);
        self::assertEqualsWithDelta(1.5, Weights::of($twelve)->fillingGrams / Weights::of(TroutQuiche::pie())->fillingGrams, 1e-9);
    }

    /** A fact of geometry: from 20 to 24 cm at the same depth an upright tin holds 1.44 times as much; the crust takes a little of both. */
    public function test_a_wider_tin_of_the_same_depth_takes_more_by_the_square_of_its_width(): void
    {
        $wider = TroutQuiche::pie()->withTin(new StraightTin(288, 35));
        $factor = Weights::of(Scaling::fromTin($wider, TroutQuiche::pie()->tin))->fillingGrams / Weights::of(TroutQuiche::pie())->fillingGrams;
        self::assertEqualsWithDelta((282 / 234) ** 2, $factor, 1e-9);
    }

    public function test_in_another_tin_the_filling_stands_at_the_same_share_of_its_depth(): void
    {
        foreach (RandomPie::many(80) as $pie) {
            // a filling folded into a disc is pressed, in a tin it is not
            if (Weights::of($pie)->isEmpty() || $pie->form() === Form::Folded) {
                continue;
            }
            $other = $pie->withTin(new RectangularTin(350, 120, 28, 10));
            $share = static fn ($one): float => Weights::of($one)->fillMm() / Weights::of($one)->lined->depthMm();
            try {
                $scaled = Scaling::fromTin($other, $pie->tin);
            } catch (Refused) {
                continue;
            }
            self::assertEqualsWithDelta($share($pie), $share($scaled), 1e-6, $pie->name);
        }
    }

    public function test_there_and_back_again_is_the_same_pie(): void
    {
        $small = new StraightTin(180, 30);
        $there = Scaling::fromTin(TroutQuiche::pie()->withTin($small), TroutQuiche::pie()->tin);
        $back = Scaling::fromTin($there->withTin(TroutQuiche::pie()->tin), $small);
        self::assertEqualsWithDelta(Weights::of(TroutQuiche::pie())->fillingGrams, Weights::of($back)->fillingGrams, 1e-6);
    }

    public function test_scaling_to_nothing_or_to_a_mountain_is_refused(): void
    {
        foreach ([0.0, 0.01, 61.0] as $factor) {
            try {
                Scaling::by(TroutQuiche::pie(), $factor);
                self::fail('It was taken.');
            } catch (Refused $refused) {
                self::assertEquals(['field' => 'factor', 'value' => $factor, 'least' => 0.05, 'most' => 60.0, 'unit' => ''], ['unit' => ''] + $refused->refusals[0]->with + ['value' => $factor]);
            }
        }
    }
}
