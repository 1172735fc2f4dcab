<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** Does it come out as brown as the cook wants it: the top, and neither rim nor underside burnt? Brownness, where 1 is golden. */
final readonly class ColourReading
{
    /** From here on a rim or an underside is burnt, whatever the top was wanted like (fitted). */
    private const BURNT_INDEX = 3.0;

    private const SCALE_TO = 3.5;

    public static function take(Pie $pie, ?SimulatedBake $bake): Reading
    {
        [$palest, $darkest] = $pie->bake->colour->limits();
        $limits = Limits::between($palest, LimitName::TooPale, $darkest, LimitName::TooDark);
        $scale = [0.0, self::SCALE_TO];
        if ($bake === null) {
            return Reading::without(ReadingName::Colour, ReadingUnit::BrownIndex, $limits, $scale, Verdict::NothingPoured, new Statement('colour.nothing-poured'), wished: $pie->bake->colour->band());
        }
        $range = $bake->topRange();
        [$from, $to] = $pie->bake->colour->band();
        $state = match (true) {
            self::side($pie, $bake) !== 0 => ReadingState::Outside,
            $range[1] < $from || $range[0] > $to || ! $limits->holds($range[0]) || ! $limits->holds($range[1]) => ReadingState::Marginal,
            default => ReadingState::Inside,
        };

        return Reading::of(
            ReadingName::Colour, ReadingUnit::BrownIndex, $bake->topIndex(), $range, $limits, $scale, $state,
            self::verdict($bake), self::reasons($pie, $bake), $pie->bake->colour->band(),
        );
    }

    /** -1 too pale, 1 too dark, 0 as it may be. */
    public static function side(Pie $pie, SimulatedBake $bake): int
    {
        [$palest, $darkest] = $pie->bake->colour->limits();
        $browned = $bake->result->browned;

        return match (true) {
            $bake->topIndex() > $darkest || max($browned->rimIndex, $browned->undersideIndex) >= self::BURNT_INDEX => 1,
            $bake->topIndex() < $palest => -1,
            default => 0,
        };
    }

    private static function verdict(SimulatedBake $bake): Verdict
    {
        $browned = $bake->result->browned;

        return match (true) {
            $bake->topIndex() < self::BURNT_INDEX && $browned->rimIndex >= self::BURNT_INDEX => Verdict::RimBurnt,
            $bake->topIndex() < self::BURNT_INDEX && $browned->undersideIndex >= self::BURNT_INDEX => Verdict::UndersideBurnt,
            default => Verdict::from(Brownness::of($bake->topIndex())->value),
        };
    }

    /** @return list<Statement> */
    private static function reasons(Pie $pie, SimulatedBake $bake): array
    {
        $browned = $bake->result->browned;
        $hasCrust = $bake->input->isLined;

        return [
            new Statement('colour.wish', ['wish' => $pie->bake->colour->value]),
            ...($hasCrust ? [new Statement('colour.crust', ['rim' => Brownness::of($browned->rimIndex)->value, 'underside' => Brownness::of($browned->undersideIndex)->value])] : []),
        ];
    }
}
