<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Seasoning\SaltSource;
use Hojaldre\Core\Statement\Statement;

/** Is the whole filling seasoned? Salt, % of its weight. */
final readonly class SaltGauge implements Gauge
{
    /** From here on a food salts what it lies in: cured and smoked things, feta, blue and hard cheese, olives (common practice, no source). */
    private const SALTY_PERCENT = 1.5;

    /** Less is not worth telling, g; how many sources are told (definition). */
    private const LEAST_TOLD_GRAMS = 0.05;

    private const MOST_TOLD = 3;

    /** Added salt from here on is salt on salt beside two salty foods, g (judgement). */
    private const ADDED_GRAMS = 0.5;

    public function name(): ReadingName
    {
        return ReadingName::Salt;
    }

    public function unit(): ReadingUnit
    {
        return ReadingUnit::Percent;
    }

    public function value(Weights $weights): float
    {
        return $weights->isEmpty() ? NAN : $weights->salt()->percent();
    }

    public function limits(Weights $weights): Limits
    {
        return Limits::between(Salt::BLAND_PERCENT, LimitName::Bland, Salt::TOO_SALTY_PERCENT, LimitName::Salty);
    }

    /** @return array{float, float} */
    public function wished(Weights $weights): array
    {
        return [Salt::LEAST_PERCENT, Salt::MOST_PERCENT];
    }

    public function scale(Weights $weights): array
    {
        return [0.0, 2.4];
    }

    public function verdict(Weights $weights, float $value): Verdict
    {
        return match (true) {
            is_nan($value) => Verdict::NothingPoured,
            $value > Salt::TOO_SALTY_PERCENT + Limits::SLACK => Verdict::Salty,
            $value > Salt::MOST_PERCENT + Limits::SLACK => Verdict::Savoury,
            $value < Salt::BLAND_PERCENT - Limits::SLACK => Verdict::Bland,
            $value < Salt::LEAST_PERCENT - Limits::SLACK => Verdict::Mild,
            default => Verdict::Seasoned,
        };
    }

    public function reasons(Weights $weights, float $value): array
    {
        if (is_nan($value)) {
            return [new Statement('salt.nothing-poured')];
        }
        $salt = $weights->salt();
        $sources = array_map(
            static fn (SaltSource $one): Statement => new Statement($one->isKept ? 'salt.kept' : 'salt.source', ['food' => $one->food, 'saltGrams' => $one->grams]),
            array_slice($salt->mostFirst(self::LEAST_TOLD_GRAMS), 0, self::MOST_TOLD),
        );

        return $sources === [] ? [new Statement('salt.none')] : [
            new Statement('salt.sum', ['saltGrams' => $salt->grams(), 'fillingGrams' => $salt->fillingGrams, 'sources' => $sources]),
            ...($value < Salt::LEAST_PERCENT ? [] : self::saltOnSalt($weights->pie)),
        ];
    }

    /** @return list<Statement> a warning where salt is added beside two or more foods that are salty already */
    private static function saltOnSalt(Pie $pie): array
    {
        $added = array_sum(array_map(static fn (Ingredient $one): float => $one->food->saltGrams($one->grams()), $pie->seasonings));
        $salty = array_filter($pie->solids(), static fn (SolidLayer $layer): bool => $layer->food->per100g->salt >= self::SALTY_PERCENT && $layer->now->grams > 0);

        return $added < self::ADDED_GRAMS || count($salty) < 2 ? []
            : [new Statement('salt.on-salt', ['foods' => array_map(static fn (SolidLayer $layer): string => $layer->food->name, array_values($salty))])];
    }
}
