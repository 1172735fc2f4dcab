<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

use Hojaldre\Core\Day\Task\FrozenBake;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Safety\CoolingVerdict;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tin\FoldedPieces;

/** What stands on the label of one piece: ingredients, allergens, dates, how to keep it and eat it, what it feeds. */
final readonly class Label
{
    /** A baked pie is warmed so (common practice, no source): a quarter of an hour in a moderate oven. */
    private const REHEAT_MINUTES = 15.0;

    private const REHEAT_OVEN_CELSIUS = 170.0;

    /** Food that is warmed again (docs/sources.md#usda-safe-minimum). */
    private const REHEAT_CELSIUS = 74.0;

    /**
     * @param  string  $madeOn  date
     * @param  string  $useBy  date
     * @param  list<Statement>  $keep  how it is kept
     * @param  list<Statement>  $eat  how it is baked, warmed, eaten
     */
    private function __construct(public string $name, public IngredientList $ingredients, public Nutrition $nutrition, public int $pieces, public string $madeOn, public string $useBy, public array $keep, public array $eat)
    {
    }

    /**
     * @param  Formula|null  $dough  null where it is bought
     * @param  string  $madeOn  date on which it was baked, or made, YYYY-MM-DD
     *
     * @param  bool  $cooledInPortions  cut, or on a rack and shallow, so that it is cold in time
     *
     * @throws Refused where a pie cannot be sold so: baked as it is written it is not surely hot, or it cools too slowly
     */
    public static function of(Pie $pie, ?Formula $dough, SoldAs $as, string $madeOn, bool $cooledInPortions = false): self
    {
        $forecast = Forecast::of($pie);
        if ($as->isBaked() && $forecast->reading(ReadingName::Safe)?->inTrouble() === true) {
            throw Refused::because('not-safe-as-written', '/design/bake', ['safeCelsius' => $forecast->weights->safeCelsius()]);
        }
        if ($as->isBaked() && ! $cooledInPortions && $forecast->report() !== null && $forecast->report()->cooling !== CoolingVerdict::WithinLimits) {
            throw Refused::because('cools-too-slowly', '/soldAs');
        }

        return self::from($forecast, $dough, $as, $madeOn, $cooledInPortions);
    }

    /** Of a bake that is out, whose heat and cooling were asked of it. @throws Refused */
    public static function ofBaked(Pie $pie, ?Formula $dough, SoldAs $as, string $madeOn, bool $cooledInPortions): self
    {
        return self::from(Forecast::of($pie), $dough, $as, $madeOn, $cooledInPortions);
    }

    private static function from(Forecast $forecast, ?Formula $dough, SoldAs $as, string $madeOn, bool $cooledInPortions): self
    {
        $pie = $forecast->pie;
        $report = $forecast->report() ?? throw Refused::because('nothing-to-bake', '/design');
        $pieces = $pie->tin instanceof FoldedPieces ? $pie->tin->pieces : $pie->portions;
        $frozen = $as->isBaked() ? null : (FrozenBake::of($pie) ?? throw Refused::because('not-from-frozen', '/soldAs'));

        return new self(
            $pie->name, IngredientList::of($pie, $dough), Nutrition::of($pie, $forecast->weights, $as->isBaked() ? $report->lostGrams : 0.0, $pieces), $pieces, $madeOn, self::later($madeOn, $as->days()),
            self::keep($as, $cooledInPortions), $frozen === null ? self::reheat() : self::bake($frozen, $report->safeCelsius),
        );
    }

    /** @return list<Statement> */
    private static function keep(SoldAs $as, bool $cooledInPortions): array
    {
        $kept = $as === SoldAs::Chilled ? [new Statement('label.fridge', ['coldCelsius' => 5.0])] : [new Statement('label.freezer', ['freezerCelsius' => -18.0]), new Statement($as->isBaked() ? 'label.thaw' : 'label.not-thawed', ['coldCelsius' => 5.0])];

        return $cooledInPortions ? [...$kept, new Statement('label.cooled-in-portions')] : $kept;
    }

    /** @return list<Statement> */
    private static function reheat(): array
    {
        return [new Statement('label.reheat', ['reheatMinutes' => self::REHEAT_MINUTES, 'ovenCelsius' => self::REHEAT_OVEN_CELSIUS, 'safeCelsius' => self::REHEAT_CELSIUS]), new Statement('label.no-microwave')];
    }

    /** @return list<Statement> */
    private static function bake(Pie $frozen, float $safeCelsius): array
    {
        return [new Statement('label.bake-frozen', ['ovenCelsius' => $frozen->bake->first()->ovenCelsius, 'mode' => $frozen->bake->first()->mode->value, 'bakeMinutes' => $frozen->bake->minutes(), 'safeCelsius' => $safeCelsius])];
    }

    private static function later(string $date, int $days): string
    {
        return (new \DateTimeImmutable($date.' 00:00', new \DateTimeZone('UTC')))->modify("+$days days")->format('Y-m-d');
    }
}
