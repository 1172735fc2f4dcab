<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** One way in which the bake that is in the oven may go: a simulated bake of the same design in a kitchen that differs. */
final readonly class PossibleBake
{
    /**
     * @param  list<float>  $celsius  of the middle at each minute from 0
     * @param  list<float>  $trembleMm  how wide its middle trembles at each minute; 0 where nothing has to set
     * @param  float  $readyMinute  from which it may come out
     * @param  float  $goldenMinute  when its top is golden
     */
    public function __construct(
        public array $celsius,
        public array $trembleMm,
        public float $readyMinute,
        public float $goldenMinute,
    ) {
    }

    /** Of the middle, °C; past the last minute what that had. */
    public function celsiusAt(float $minute): float
    {
        return self::between($this->celsius, $minute);
    }

    public function trembleMmAt(float $minute): float
    {
        return self::between($this->trembleMm, $minute);
    }

    /** When its middle trembles no wider than this, min. */
    public function tremblesUpToMinute(float $mm): float
    {
        foreach ($this->trembleMm as $minute => $wide) {
            if ($wide <= $mm) {
                $before = $this->trembleMm[$minute - 1] ?? $wide;

                return $minute === 0 || $before <= $wide ? (float) $minute : $minute - ($mm - $wide) / ($before - $wide);
            }
        }

        return (float) count($this->trembleMm);
    }

    /** @param  list<float>  $values  at each minute */
    private static function between(array $values, float $minute): float
    {
        $last = count($values) - 1;
        $low = max(0, min($last, (int) floor($minute)));
        $high = min($last, $low + 1);

        return $values[$low] + ($values[$high] - $values[$low]) * max(0.0, min(1.0, $minute - $low));
    }
}
