<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Custard\CustardVerdict;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Statement\Statement;

/** Will the custard hold as the cook wants it? Dairy plus weep, g to an egg. */
final readonly class CustardGauge implements Gauge
{
    /** Causes of a later set that are smaller than this are not told, K (definition). */
    private const LEAST_KELVINS = 0.5;

    public function name(): ReadingName
    {
        return ReadingName::Custard;
    }

    public function unit(): ReadingUnit
    {
        return ReadingUnit::GramsPerEgg;
    }

    public function value(Weights $weights): float
    {
        return $weights->custard()?->liquidGramsPerEgg() ?? NAN;
    }

    public function limits(Weights $weights): Limits
    {
        return $weights->custard()?->isEggAlone() === true
            ? Limits::upTo(Custard::HOLDS_TO_GRAMS, LimitName::Loose)
            : Limits::between(Custard::HOLDS_FROM_GRAMS, LimitName::Rubber, Custard::HOLDS_TO_GRAMS, LimitName::Loose);
    }

    public function wished(Weights $weights): ?array
    {
        $style = $weights->pie->custard()?->style;

        return $style === null ? null : [$style->leastGrams(), $style->mostGrams()];
    }

    public function scale(Weights $weights): array
    {
        return [20, 180];
    }

    public function verdict(Weights $weights, float $value): Verdict
    {
        return match (true) {
            is_infinite($value) => Verdict::NoEgg,
            $value > Custard::HOLDS_TO_GRAMS => Verdict::Loose,
            $value < Custard::HOLDS_FROM_GRAMS && $weights->custard()?->isEggAlone() === false => Verdict::Rubber,
            default => match ($weights->pie->custard()?->style->verdict($value)) {
                CustardVerdict::Firm => Verdict::Firmer,
                CustardVerdict::Loose => Verdict::Softer,
                CustardVerdict::Holds, null => Verdict::Holds,
            },
        };
    }

    public function reasons(Weights $weights, float $value): array
    {
        $custard = $weights->custard();
        $style = $weights->pie->custard()?->style;
        if ($custard === null || $style === null) {
            return [];
        }
        if (is_infinite($value)) {
            return [new Statement('custard.no-egg')];
        }

        return [
            new Statement('custard.liquid', ['dairyGrams' => $custard->liquidGrams, 'weepGrams' => $custard->earlyGrams(), 'eggs' => $custard->eggs]),
            self::sets($custard),
            ...($custard->isEggAlone() ? [new Statement('custard.egg-alone')] : []),
            $value > Custard::HOLDS_TO_GRAMS
                ? new Statement('custard.too-much', ['mostGrams' => Custard::HOLDS_TO_GRAMS])
                : new Statement(match ($style->verdict($value)) {
                    CustardVerdict::Loose => 'custard.softer',
                    CustardVerdict::Firm => 'custard.firmer',
                    CustardVerdict::Holds => 'custard.style',
                }, ['style' => $style->value, 'leastGrams' => $style->leastGrams(), 'mostGrams' => $style->mostGrams()]),
        ];
    }

    private static function sets(Custard $custard): Statement
    {
        $with = ['setCelsius' => $custard->setsAtCelsius(), 'eggCelsius' => Custard::EGG_ALONE_CELSIUS];
        $causes = self::causes($custard);

        return $causes === [] ? new Statement('custard.sets', $with) : new Statement('custard.sets-because', [...$with, 'causes' => $causes]);
    }

    /** @return list<Statement> what makes it set later or sooner than egg alone */
    private static function causes(Custard $custard): array
    {
        $causes = [];
        foreach ($custard->setPointKelvins() as $cause => $kelvins) {
            if (abs($kelvins) >= self::LEAST_KELVINS) {
                $causes[] = new Statement($kelvins > 0 ? "custard.$cause-later" : "custard.$cause-sooner", ['apartKelvins' => abs($kelvins)]);
            }
        }

        return $causes;
    }
}
