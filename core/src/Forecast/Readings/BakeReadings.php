<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pie\Pie;

/** The three readings that the bake gives: when it sets, how dry the base is, when its coldest point is safe. */
final readonly class BakeReadings
{
    public const NAMES = ['set', 'base', 'safe'];

    /** A window shorter than this is no target for a cook, min. */
    private const LEAST_WINDOW = 3.0;

    /** Share that may be over-cooked at its beginning before it is said, and leathery before it counts against the pie. */
    private const OVER_AT_MOST = 0.6;

    private const LEATHERY_AT_MOST = 0.5;

    private const ROUGH_MARGIN = 1.25;

    public static function take(string $name, Pie $pie, ?SimulatedBake $baked): Reading
    {
        return match ($name) {
            'set' => self::set($pie, $baked),
            'base' => self::base($pie, $baked),
            default => self::safe($pie, $baked),
        };
    }

    /**
     * On which side of its limits a roughly baked pie stands, the same way round as Gauges::side.
     *
     * @param  float  $doubt  how far up the range of a reading goes that must be inside as a whole
     */
    public static function side(string $name, Pie $pie, ?SimulatedBake $rough, float $doubt): ?int
    {
        if ($rough === null) {
            return null;
        }
        $out = $pie->bake->minutes;

        return match ($name) {
            'base' => is_nan($rough->base()) ? null : ($rough->base() > BaseVerdict::DRY_TO + Limits::SLACK ? 1 : 0),
            'set' => $rough->input->setsAtCelsius === null ? null : match (true) {
                $rough->minute('set') > $out + Limits::SLACK => 1,
                $rough->result->leatheryShareOut > self::LEATHERY_AT_MOST => -1,
                default => 0,
            },
            default => $rough->minute('safe') + $doubt > $out + Limits::SLACK ? 1 : 0,
        };
    }

    private static function set(Pie $pie, ?SimulatedBake $baked): Reading
    {
        $out = $pie->bake->minutes;
        if ($baked === null || $baked->input->setsAtCelsius === null) {
            $egg = $pie->custard() !== null;

            return self::none('set', 'min', [0.0, max(60.0, 1.3 * $out)], $egg ? 'no egg' : 'no custard', $egg ? 'There is no egg in the custard, so nothing sets.' : 'There is no custard in this pie, so nothing has to set.');
        }
        $set = $baked->minute('set');
        [$low, $high] = $baked->range('set');
        $over = $baked->result->overShareOut;
        $window = max(self::LEAST_WINDOW, min(30.0, $baked->minute('over') - $set));
        $limits = new Limits(max(0.0, $out - $window), 'over-baked', $out, 'take out');
        $verdict = match (true) {
            ! is_finite($set) => 'never sets',
            $set > $out + Limits::SLACK => 'not set',
            $baked->result->leatheryShareOut > self::LEATHERY_AT_MOST => 'over-baked',
            $over > self::OVER_AT_MOST => 'firm',
            default => 'set',
        };
        $state = match (true) {
            $verdict !== 'set' && $verdict !== 'firm' => ReadingState::Outside,
            $high > $out || $verdict === 'firm' => ReadingState::Marginal,
            default => ReadingState::Inside,
        };
        // how much is over is counted by volume; the rule shows minutes, so its left wall moves to where the count would begin
        $limits = ($verdict === 'set' || $verdict === 'firm') && $set < ($limits->lower ?? 0.0) ? new Limits(max(0.0, $set - 1), 'over-baked', $out, 'take out') : $limits;
        $golden = $baked->minute('golden');
        $reason = is_finite($set)
            ? sprintf(
                'The coldest of it reaches its %d °C at %s; time to look from %s, when the edge is set and the middle trembles. %d %% of it is over-cooked when it comes out.%s',
                (int) round($baked->input->setsAtCelsius), self::minutes($set), self::minutes($baked->minute('time-to-look')), (int) round(100 * $over),
                is_finite($golden) && $golden > $set + 4 ? sprintf(' Golden at %s: %s of over-baking for colour.', self::minutes($golden), self::minutes($golden - $set)) : '',
            )
            : 'In this oven the middle never gets hot enough to set. Set it hotter, or make the pie shallower.';

        return self::reading('set', 'min', $set, $low, $high, $limits, max(60.0, $out * 1.3), $state, $verdict, $reason);
    }

    private static function base(Pie $pie, ?SimulatedBake $baked): Reading
    {
        if (! $pie->form()->hasBase()) {
            return self::none('base', '%', [0.0, 28.0], 'no base', 'The dish is not lined, so no base can go wet.', new Limits(null, '', BaseVerdict::DRY_TO, 'dry to'));
        }
        if ($baked === null) {
            return self::none('base', '%', [0.0, 28.0], 'nothing poured', 'Pour the first layer, and the water that reaches the base can be worked out.', new Limits(null, '', BaseVerdict::DRY_TO, 'dry to'));
        }
        $value = $baked->base();
        [$low, $high] = $baked->range('base');
        $limits = new Limits(null, '', BaseVerdict::DRY_TO, 'dry to');
        $state = match (true) {
            ! $limits->holds($value) => ReadingState::Outside,
            $limits->holds($high) => ReadingState::Inside,
            default => ReadingState::Marginal,
        };
        $shell = $baked->result->shell;
        $began = $shell === [] ? 'It goes in raw' : sprintf('After the blind bake it has %d %%', (int) round($shell[count($shell) - 1]['basePercent']));
        $kept = $baked->input->underlay->barrier($baked->input->seal) < 1 ? ' Seal and what is strewn or laid on it keep some of the water off.' : '';

        return self::reading('base', '%', $value, $low, $high, $limits, 28.0, $state, BaseVerdict::of($value), sprintf(
            '%s, comes out with %d %%, and has %d %% when it has rested 20 min%s.%s',
            $began, (int) round($baked->result->basePercentOut), (int) round($value),
            $baked->result->soakMm > 0 ? sprintf('; the upper %s mm are soggy', Figures::number($baked->result->soakMm, 1)) : '', $kept,
        ));
    }

    private static function safe(Pie $pie, ?SimulatedBake $baked): Reading
    {
        $out = $pie->bake->minutes;
        if ($baked === null) {
            return self::none('safe', 'min', [0.0, max(60.0, 1.3 * $out)], 'nothing poured', 'Pour the first layer, and the minutes to its middle can be worked out.', new Limits(null, '', $out, 'take out'));
        }
        $value = $baked->minute('safe');
        [$low, $high] = $baked->range('safe');
        // a rough answer must not say safe where the fine one may take it back
        $safe = max($high, $baked->isRough() ? self::ROUGH_MARGIN * $value : 0.0) <= $out + Limits::SLACK;
        $wanted = Figures::number($baked->input->wantedCelsius);
        $reason = is_finite($value)
            ? sprintf(
                'The coldest point has %s °C, or the worth of 2 min at 70 °C, at %s; planned out at %s, %s.', $wanted, self::minutes($value), self::minutes($out),
                $safe ? self::minutes(floor($out - $high)).' to spare at worst' : 'too early by up to '.self::minutes(ceil($high - $out)),
            )
            : sprintf('Its coldest point does not reach %s °C in any time looked at. Set the oven hotter, or make the pie shallower.', $wanted);

        return self::reading('safe', 'min', $value, $low, $high, new Limits(null, '', $out, 'take out'), max(60.0, $out * 1.3), $safe ? ReadingState::Inside : ReadingState::Outside, $safe ? 'safe' : 'not yet', $reason);
    }

    private static function reading(string $name, string $unit, float $value, float $low, float $high, Limits $limits, float $to, ReadingState $state, string $verdict, string $reason): Reading
    {
        $finite = is_finite($value);
        foreach (array_filter([$value, $low, $high], is_finite(...)) as $shown) {
            $to = max($to, $shown * 1.05);
        }

        return new Reading($name, $unit, 0, $finite ? $value : null, $finite ? $low : null, $finite ? $high : null, $limits, [0.0, $to], $state, $verdict, $reason);
    }

    /** @param  array{float, float}  $scale */
    private static function none(string $name, string $unit, array $scale, string $verdict, string $reason, ?Limits $limits = null): Reading
    {
        return new Reading($name, $unit, 0, null, null, null, $limits ?? new Limits(null, '', null, ''), $scale, $verdict === 'no egg' ? ReadingState::Outside : ReadingState::Unknown, $verdict, $reason);
    }

    private static function minutes(float $minutes): string
    {
        return Figures::number($minutes).' min';
    }
}
