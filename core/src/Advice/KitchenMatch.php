<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Measure\Elimination;
use Hojaldre\Core\Oven\Matched;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/**
 * Finds the oven, the heat from below and the weep that explain best what came out: few parameters, each held near the usual by how
 * far kitchens commonly differ (a prior), moved by least squares (Gauss and Newton, damped). Bakes are rough ones; what they
 * say less than a fine bake is the same with and without the match.
 */
final readonly class KitchenMatch
{
    /** How far kitchens commonly differ, one standard deviation: K, e-folds, e-folds (judgement, as in Kitchens::DOUBTS and wider). */
    private const SPREADS = [12.0, 0.35, 0.35];

    /** Steps of the derivatives, in standard deviations; rounds; how strongly a step is held back (numerics). */
    private const STEP = 0.5;

    private const ROUNDS = 6;

    private const DAMPING = 0.15;

    /** No kitchen differs by more, standard deviations (judgement). */
    private const MOST = 2.5;

    /**
     * @param  float  $misfit  left over, 0 where all that was told comes out
     * @param  float  $misfitBefore  of the forecast without it
     */
    private function __construct(public Matched $matched, public float $misfit, public float $misfitBefore, public Forecast $before, public Forecast $after)
    {
    }

    /** So far from the usual it is worth saying: K, and a factor (judgement). */
    private const TOLD_KELVINS = 3.0;

    private const TOLD_FACTOR = 1.12;

    /** All is explained where so little is left over (judgement). */
    private const EXPLAINED = 1.0;

    /** A usual oven explains what was told. */
    public function isUsual(): bool
    {
        return $this->misfitBefore < self::EXPLAINED || $this->misfit > 0.95 * $this->misfitBefore;
    }

    /** @return list<Statement> */
    public function says(): array
    {
        if ($this->isUsual()) {
            return [new Statement($this->misfitBefore < self::EXPLAINED ? 'match.as-usual' : 'match.explains-some')];
        }
        $matched = $this->matched;
        $oven = $this->before->pie->bake->first()->ovenCelsius;

        return [
            new Statement('match.oven', [
                'ovenCelsius' => round($oven + (abs($matched->ovenKelvins) < self::TOLD_KELVINS ? 0.0 : $matched->ovenKelvins)),
                'below' => new Statement('below.'.self::strength($matched->fromBelowFactor)),
            ]),
            ...(self::strength($matched->weepFactor) === 'usual' ? [] : [new Statement($matched->weepFactor > 1 ? 'match.weep-more' : 'match.weep-less')]),
            new Statement($this->misfit < self::EXPLAINED ? 'match.explains' : 'match.explains-some'),
        ];
    }

    private static function strength(float $factor): string
    {
        return $factor > self::TOLD_FACTOR ? 'strong' : ($factor < 1 / self::TOLD_FACTOR ? 'weak' : 'usual');
    }

    /** Null where there is nothing to bake. */
    public static function of(Pie $pie, Told $told): ?self
    {
        return self::ofAll([[$pie, $told]]);
    }

    /**
     * Of several bakes in one kitchen: they tell apart what one alone cannot. What it says is said of the first.
     *
     * @param  non-empty-list<array{Pie, Told}>  $bakes
     */
    public static function ofAll(array $bakes): ?self
    {
        [$pie] = $bakes[0];
        $before = Forecast::roughly($pie->withBake($pie->bake->withMatched(null)));
        if ($before->bake === null) {
            return null;
        }
        $misses = new MissesOf($bakes);
        $at = [0.0, 0.0, 0.0];
        $now = $misses->at(self::matched($at));
        for ($round = 0; $round < self::ROUNDS && self::squares($now) > 0; $round++) {
            $slopes = [];
            foreach (array_keys($at) as $j) {
                $moved = $at;
                $moved[$j] += $at[$j] > 0 ? -self::STEP : self::STEP;
                $there = $misses->at(self::matched($moved));
                $slopes[] = array_map(static fn (float $to, float $from): float => ($to - $from) / ($moved[$j] - $at[$j]), $there, $now);
            }
            [$at, $now, $better] = self::descend($at, $now, $slopes, $misses);
            if (! $better) {
                break;
            }
        }
        $matched = self::matched($at);

        return new self($matched, self::squares($now), self::squares($misses->at(self::matched([0.0, 0.0, 0.0]))), $before, Forecast::roughly($pie->withBake($pie->bake->withMatched($matched))));
    }

    /**
     * One damped step; halved until it is better.
     *
     * @param  array<int, float>  $at
     * @param  list<float>  $now
     * @param  list<list<float>>  $slopes  of the misses, by parameter
     * @return array{array<int, float>, list<float>, bool}
     */
    private static function descend(array $at, array $now, array $slopes, MissesOf $misses): array
    {
        $step = self::solve($at, $now, $slopes);
        for ($share = 1.0; $share > 0.1; $share /= 2) {
            $to = array_map(static fn (float $from, float $by): float => max(-self::MOST, min(self::MOST, $from + $share * $by)), $at, $step);
            $there = $misses->at(self::matched($to));
            if (self::cost($to, $there) < self::cost($at, $now) - 1e-6) {
                return [$to, $there, true];
            }
        }

        return [$at, $now, false];
    }

    /**
     * (J^T J + I + damping) s = -(J^T r + x), three by three.
     *
     * @param  array<int, float>  $at
     * @param  list<float>  $now
     * @param  list<list<float>>  $slopes
     * @return list<float>
     */
    private static function solve(array $at, array $now, array $slopes): array
    {
        $rows = [];
        foreach ($slopes as $i => $own) {
            $row = array_map(static fn (array $other): float => self::dot($own, $other), $slopes);
            $row[$i] += 1 + self::DAMPING;
            $rows[] = [...$row, -self::dot($own, $now) - $at[$i]];
        }

        return Elimination::solved($rows);
    }

    /** @param  array<int, float>  $at in standard deviations */
    private static function matched(array $at): Matched
    {
        return new Matched(self::SPREADS[0] * $at[0], exp(self::SPREADS[1] * $at[1]), exp(self::SPREADS[2] * $at[2]));
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        return (float) array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b));
    }

    /** @param  list<float>  $misses */
    private static function squares(array $misses): float
    {
        return self::dot($misses, $misses);
    }

    /**
     * @param  array<int, float>  $at
     * @param  list<float>  $misses
     */
    private static function cost(array $at, array $misses): float
    {
        return self::squares($misses) + self::squares(array_values($at));
    }
}
