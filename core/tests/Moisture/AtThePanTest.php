<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Moisture;

use Hojaldre\Core\Moisture\Dose;
use Hojaldre\Core\Moisture\EyeShare;
use Hojaldre\Core\Moisture\PanWork;
use Hojaldre\Core\Moisture\Phase;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Phases and shares: common practice, no source. */
final class AtThePanTest extends TestCase
{
    /** @param  list<string>  $phases */
    #[TestWith(['sweated and pressed', 8.0, ['open 3', 'covered 3', 'press 2']])]
    #[TestWith(['fried and steamed dry', 60.0, ['open 15', 'covered 15', 'lid-off 30']])]
    #[TestWith(['softened until collapsed', 25.0, ['hot 5', 'low 20']])]
    #[TestWith(['blanched and squeezed', 7.0, ['boil 5', 'squeeze 2']])]
    #[TestWith(['salted and drained', 62.0, ['wait 60', 'drain 2']])]
    #[TestWith(['squeezed again', null, ['squeeze 2']])]
    #[TestWith(['Roasted', 35.0, ['oven 35']])]
    #[TestWith(['cooked down', 20.0, ['lid-off 20']])]
    #[TestWith(['browned in batches', 10.0, ['open 10']])]
    #[TestWith(['flaked', null, ['work 3']])]
    #[TestWith(['', null, ['work 3']])]
    public function test_a_cooks_words_are_phases_at_the_pan(string $words, ?float $minutes, array $phases): void
    {
        self::assertSame($phases, array_map(static fn (Phase $one): string => $one->name->value.' '.$one->minutes, PanWork::phases($words, $minutes)));
    }

    public function test_where_nobody_said_how_long_it_has_usual_minutes(): void
    {
        self::assertSame(5.0, PanWork::phases('boiled', null)[0]->minutes);
        self::assertGreaterThan(20, array_sum(array_map(static fn (Phase $one): float => $one->minutes, PanWork::phases('roasted', null))));
    }

    public function test_frying_wants_a_pan_and_boiling_and_roasting_do_not(): void
    {
        self::assertTrue(PanWork::phases('fried', null)[0]->name->isInPan());
        self::assertFalse(PanWork::phases('boiled', null)[0]->name->isInPan());
        self::assertTrue(PanWork::phases('roasted', null)[0]->name->isHot());
        self::assertFalse(PanWork::phases('salted', null)[0]->name->isHot());
        self::assertFalse(PanWork::phases('pressed', null)[0]->name->isHot());
    }

    /** 1.5 to 2 g of water to a gram of crumbs, 3 to 4 to soaked sago, 8 to 12 to starch; two spoons of crumbs to 500 g of courgette. */
    public function test_doses_of_what_holds_water(): void
    {
        self::assertTrue(Dose::Crumbs->gramsFor(100) >= 50 && Dose::Crumbs->gramsFor(100) <= 67);
        self::assertTrue(Dose::Sago->gramsFor(100) >= 25 && Dose::Sago->gramsFor(100) <= 34);
        self::assertTrue(Dose::Starch->gramsFor(100) >= 8 && Dose::Starch->gramsFor(100) <= 12.5);
        // two level spoons are 14 g and hold 24.5
        self::assertSame(2.0, Dose::Crumbs->spoonsFor(24.5));
        self::assertSame(2.5, Dose::Crumbs->spoonsFor(25));
        self::assertSame(0.0, Dose::Crumbs->gramsFor(-5));
        // 50 g of crumbs to 500 g of raw meat: they keep 87 g of its juice
        self::assertEqualsWithDelta(50.0, Dose::Crumbs->gramsFor(87.5), 1e-9);
    }

    #[TestWith([0.5, EyeShare::Half])]
    #[TestWith([0.4, EyeShare::Third])]
    #[TestWith([0.45, EyeShare::Half])]
    #[TestWith([0.7, EyeShare::TwoThirds])]
    #[TestWith([0.8, EyeShare::ThreeQuarters])]
    #[TestWith([0.2, EyeShare::Quarter])]
    #[TestWith([0.95, EyeShare::NearlyAll])]
    public function test_a_share_is_told_by_eye(float $share, EyeShare $word): void
    {
        self::assertSame($word, EyeShare::nearest($share));
    }
}
