<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Statement\Statement;

/** Does it fit the tin? Depth of the filling above the crust, mm. */
final readonly class FillGauge implements Gauge
{
    /** Egg mixtures rise 10 to 20 % before they fall back; the low end has to fit (common practice, no source). */
    public const RISE_SHARE = 0.10;

    /** Below this share of the room it looks mean (common practice, no source). */
    private const MEAN_SHARE = 0.45;

    /** So much of the room a fold holds before its seam opens, and a heap of solids may come to, under a lid and open (judgement). */
    private const FOLD_HOLDS_SHARE = 1.35;

    private const HEAP_UNDER_A_LID_SHARE = 2.0;

    private const HEAP_SHARE = 1.5;

    /** A rise of less is not told, mm (definition). */
    private const LEAST_RISE = 1.0;

    public function name(): ReadingName
    {
        return ReadingName::Fill;
    }

    public function unit(): ReadingUnit
    {
        return ReadingUnit::Millimetres;
    }

    public function value(Weights $weights): float
    {
        return $weights->isEmpty() ? NAN : $weights->fillMm();
    }

    public function limits(Weights $weights): Limits
    {
        $room = $weights->lined->depthMm();
        // a hollow pasty is the worst complaint of all
        $isClosed = $weights->pie->form()->isClosed();

        return Limits::between(
            self::MEAN_SHARE * $room, $isClosed ? LimitName::Hollow : LimitName::Mean,
            $room * $this->mostShare($weights), $isClosed ? LimitName::Bursts : LimitName::OverTheRim,
        );
    }

    /** A liquid must rise inside the rim; a heap may stand above it, under a lid more than open, and a fold gives. */
    private function mostShare(Weights $weights): float
    {
        return match (true) {
            $weights->pie->form() === Form::Folded => self::FOLD_HOLDS_SHARE,
            $weights->isHeaped() => $weights->pie->form()->isClosed() ? self::HEAP_UNDER_A_LID_SHARE : self::HEAP_SHARE,
            default => $weights->pie->custard() === null ? 1.0 : 1 / (1 + self::RISE_SHARE),
        };
    }

    public function wished(Weights $weights): ?array
    {
        return null;
    }

    public function scale(Weights $weights): array
    {
        return [0, $weights->lined->depthMm() * 1.6];
    }

    public function verdict(Weights $weights, float $value): Verdict
    {
        $limits = $this->limits($weights);

        return is_nan($value) ? Verdict::NothingPoured : match ($limits->side($value)) {
            -1 => Verdict::from($limits->lowerName->value ?? ''),
            1 => Verdict::from($limits->upperName->value ?? ''),
            default => $weights->isHeaped() && $value > $weights->lined->depthMm() ? Verdict::Heaped : Verdict::Fits,
        };
    }

    public function reasons(Weights $weights, float $value): array
    {
        $roomMm = $weights->lined->depthMm();
        $room = ['roomMm' => $roomMm, 'roomMl' => $weights->lined->volumeMl($roomMm)];
        if ($weights->pie->form() === Form::Folded) {
            return [is_nan($value) ? new Statement('fill.empty-fold', $room) : new Statement('fill.fold', ['fillMm' => $value, ...$room])];
        }
        if (is_nan($value)) {
            return [new Statement('fill.empty', $room)];
        }

        return [
            new Statement('fill.depth', ['fillMm' => $value, 'riseMm' => max(self::LEAST_RISE, $value * self::RISE_SHARE), ...$room]),
            ...($weights->isHeaped() && $weights->custardMl > 0 ? [new Statement('fill.proud')] : []),
        ];
    }
}
