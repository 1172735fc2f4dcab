<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\OnHand;

use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Advice\FridgeDairy;
use Hojaldre\Core\Advice\GapFiller;
use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Custard\Solver\CustardSolver;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\FillGauge;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Pie\StartingPlace;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Tin\Tin;

/** Fills what a kind begins as with a filling, so that it fits the tin: the grams for this tin. */
final readonly class Filler
{
    /** Of the room: solids under a custard; solids where nothing is poured, between the two walls of its reading (common practice, no source). */
    private const UNDER_CUSTARD = 0.42;

    private const BETWEEN_WALLS = 0.6;

    /** Sauce of a pot pie to a g of solids, and thickener to a g of it (common practice, no source). */
    private const SAUCE = 0.45;

    private const THICKENER = 0.06;

    /** Halving an interval so often is finer than a scale (numerics). */
    private const HALVINGS = 18;

    private const MOST_GRAMS = 6000.0;

    private const LEAST_SALT_GRAMS = 0.5;

    /**
     * @param  Tin|null  $tin  for all that stands in a tin; null for what each kind commonly stands in
     * @param  float  $saltPercent  of the filling, that it is salted to
     */
    public function __construct(private Shelf $shelf, private EggSizing $eggs, private ?Tin $tin = null, private float $saltPercent = Salt::AIM_PERCENT)
    {
    }

    /** Null where this kind cannot be made of what is there. */
    public function pie(PieKind $kind, Filling $filling): ?Pie
    {
        $pie = $this->inTin(Beginning::of($kind), $kind);
        $pie = $pie->withCrust($pie->crust->withDough($this->shelf->dough($pie->crust->dough) ?? (self::takesAny($kind) ? $this->shelf->anyDough() : null) ?? $pie->crust->dough));
        $isPoured = in_array($kind, [PieKind::Quiche, PieKind::RawCrustTart], true) || $kind === PieKind::DeepPie && $this->shelf->hasEggs && $this->shelf->dairies !== [];
        if ($isPoured) {
            return $this->seasoned($this->poured($pie, $kind, $filling));
        }
        $sauce = $kind === PieKind::PotPie ? $this->sauce() : null;
        if ($kind === PieKind::PotPie && $sauce === null) {
            return null;
        }

        return $this->seasoned($this->heaped($pie, $kind, $filling, $sauce));
    }

    /** What is folded has no tin, and puff lies on its tray. */
    private function inTin(Pie $pie, PieKind $kind): Pie
    {
        $hasTin = ! in_array($kind, [PieKind::Pasty, PieKind::HandPie, PieKind::PuffTart], true);

        return $this->tin === null || ! $hasTin ? $pie : $pie->withTin($this->tin)->withAssumed(Assumed::without($pie->assumed, '/tin'));
    }

    /** A fold and a dish under a lid are closed with whatever dough there is. */
    public static function takesAny(PieKind $kind): bool
    {
        return in_array($kind, [PieKind::PotPie, PieKind::Pasty, PieKind::HandPie, PieKind::PuffTart], true);
    }

    private function poured(Pie $pie, PieKind $kind, Filling $filling): ?Pie
    {
        if (! $this->shelf->hasEggs || $this->shelf->dairies === []) {
            return null;
        }
        $lined = Weights::of($pie)->lined;
        $room = $lined->volumeMl($lined->depthMm() / (1 + FillGauge::RISE_SHARE));
        $custard = $pie->custard();
        $pie = $this->scaled(fn (float $grams): Pie => $this->laid($pie, $kind, $filling, $grams, $custard === null ? [] : [$custard]), static fn (Weights $weights): float => $weights->solidMl / (self::UNDER_CUSTARD * $room));
        try {
            $answer = (new GapFiller($pie, null, $this->eggs))->answers(CustardSolver::MOST_EGGS, 0, array_map(static fn ($one): FridgeDairy => new FridgeDairy($one, null), array_slice($this->shelf->dairies, 0, 2)))[0] ?? null;
        } catch (Refused) {
            return null;
        }

        return $answer === null ? null : PieFile::fromDocument(Change::applied($answer->changes, DocumentWriter::write($pie)));
    }

    private function heaped(Pie $pie, PieKind $kind, Filling $filling, ?CustardLayer $sauce): Pie
    {
        $gauge = new FillGauge;

        return $this->scaled(
            fn (float $grams): Pie => $this->laid($pie, $kind, $filling, $grams, $sauce === null ? [] : [$sauce->scaled($grams * self::SAUCE / max(1e-9, $sauce->grams()))]),
            static function (Weights $weights) use ($gauge): float {
                $limits = $gauge->limits($weights);
                $aim = $limits->lower + self::BETWEEN_WALLS * (min($limits->upper ?? INF, $weights->lined->depthMm() * FillGauge::RISE_SHARE * 11) - $limits->lower);

                return $gauge->value($weights) / $aim;
            },
        );
    }

    /** A thickened sauce of the best liquid there is, of 100 g; null where there is none. */
    private function sauce(): ?CustardLayer
    {
        $liquid = $this->shelf->liquids[0] ?? null;
        $thickener = $this->shelf->thickeners[0] ?? null;

        return $liquid === null || $thickener === null ? null : new CustardLayer(
            Beginning::CUSTARD_ID, CustardStyle::Tender, [], [new Ingredient($liquid, Amount::of(100 / (1 + self::THICKENER)))], [], StartingPlace::Lukewarm->celsius(),
            [new Ingredient($thickener, Amount::of(100 * self::THICKENER / (1 + self::THICKENER)))],
        );
    }

    /** @param  list<CustardLayer>  $over */
    private function laid(Pie $pie, PieKind $kind, Filling $filling, float $grams, array $over): Pie
    {
        [$layers, $assumed] = $filling->layers($grams, $kind);

        return $pie->withLayers([...$layers, ...$over])->withAssumed([...$pie->assumed, ...$assumed]);
    }

    /**
     * The grams at which the measure is 1; it grows with them.
     *
     * @param  callable(float): Pie  $of
     * @param  callable(Weights): float  $measure
     */
    private function scaled(callable $of, callable $measure): Pie
    {
        [$low, $high] = [1.0, self::MOST_GRAMS];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = sqrt($low * $high);
            if ($measure(Weights::of($of($middle))) < 1) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $of($low);
    }

    /** Salted to what is liked, where what is in it has not done that. */
    private function seasoned(?Pie $pie): ?Pie
    {
        if ($pie === null) {
            return null;
        }
        $salt = round(Weights::of($pie)->salt()->gramsToReach($this->saltPercent), 1);

        return $salt < self::LEAST_SALT_GRAMS ? $pie : $pie->withSeasonings([new Ingredient(Pantry::food('salt'), Amount::of($salt))])->withAssumed([...$pie->assumed, ...Assumed::all('/seasonings/0/amount')]);
    }
}
