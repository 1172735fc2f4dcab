<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Statement\Statement;

/** One of the readings of a forecast. */
final readonly class Reading
{
    /**
     * @param  float|null  $value  in its unit; null where there is none to give (see state and reasons)
     * @param  float|null  $low  of 8 bakes in 10
     * @param  array{float, float}  $scale  ends of the rule it is drawn on
     * @param  list<Statement>  $reasons
     * @param  array{float, float}|null  $wished  what the cook would have, inside the limits; null where nothing was chosen
     */
    public function __construct(
        public ReadingName $name,
        public ReadingUnit $unit,
        public ?float $value,
        public ?float $low,
        public ?float $high,
        public Limits $limits,
        public array $scale,
        public ReadingState $state,
        public Verdict $verdict,
        public array $reasons,
        public ?array $wished = null,
    ) {
    }

    /**
     * A reading with a value: what is not finite is not told, and the rule is widened to show the rest.
     *
     * @param  array{float, float}  $range
     * @param  array{float, float}  $scale
     * @param  list<Statement>  $reasons
     * @param  array{float, float}|null  $wished
     */
    public static function of(ReadingName $name, ReadingUnit $unit, float $value, array $range, Limits $limits, array $scale, ReadingState $state, Verdict $verdict, array $reasons, ?array $wished = null): self
    {
        [$low, $high] = $range;
        [$from, $to] = $scale;
        foreach (array_filter([$value, $low, $high], is_finite(...)) as $shown) {
            $from = min($from, $shown);
            $to = max($to, $shown * 1.05);
        }
        $told = is_finite($value);

        return new self(
            $name, $unit, $told ? $value : null, $told && is_finite($low) ? $low : null, $told && is_finite($high) ? $high : null,
            $limits, [$from, $to], $state, $verdict, $reasons, $wished,
        );
    }

    /**
     * A reading that lacks something.
     *
     * @param  array{float, float}  $scale
     * @param  array{float, float}|null  $wished
     */
    public static function without(ReadingName $name, ReadingUnit $unit, Limits $limits, array $scale, Verdict $verdict, Statement $reason, ReadingState $state = ReadingState::Unknown, ?array $wished = null): self
    {
        return new self($name, $unit, null, null, null, $limits, $scale, $state, $verdict, [$reason], $wished);
    }

    /** The figure without a word for it: a rough bake judges nothing. */
    public function unjudged(): self
    {
        return new self($this->name, $this->unit, $this->value, $this->low, $this->high, $this->limits, $this->scale, ReadingState::Unknown, Verdict::WorkingOut, []);
    }

    public function inTrouble(): bool
    {
        return $this->state === ReadingState::Outside;
    }
}
