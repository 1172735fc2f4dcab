<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** A quantity as far as a cook's words tell it: what it most likely is, and between what 8 kitchens in 10 would have it. */
final readonly class Span
{
    private function __construct(public float $value, public float $least, public float $most)
    {
    }

    public static function exactly(float $value): self
    {
        return new self($value, $value, $value);
    }

    public static function of(float $value, float $least, float $most): self
    {
        return new self($value, min($least, $value), max($most, $value));
    }

    /** "2 to 3": the middle is as good as any. */
    public static function between(float $least, float $most): self
    {
        return new self(($least + $most) / 2, min($least, $most), max($least, $most));
    }

    public function times(float $factor): self
    {
        return new self($this->value * $factor, $this->least * $factor, $this->most * $factor);
    }

    /** Multiplied by something that is itself not sure: what is not sure in both adds up in squares. */
    public function by(self $factor): self
    {
        if ($this->value <= 0 || $factor->value <= 0) {
            return self::exactly(0.0);
        }
        $down = hypot(1 - $this->least / $this->value, 1 - $factor->least / $factor->value);
        $up = hypot($this->most / $this->value - 1, $factor->most / $factor->value - 1);
        $value = $this->value * $factor->value;

        return new self($value, $value * max(0.0, 1 - $down), $value * (1 + $up));
    }

    public function plus(self $other): self
    {
        $value = $this->value + $other->value;

        return new self($value, $value - hypot($this->value - $this->least, $other->value - $other->least), $value + hypot($this->most - $this->value, $other->most - $other->value));
    }

    public function isExact(): bool
    {
        return $this->least === $this->most;
    }

    /** Its width against its value, 0 where it is exact. */
    public function doubt(): float
    {
        return $this->value > 0 ? ($this->most - $this->least) / $this->value : 0.0;
    }
}
