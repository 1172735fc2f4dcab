<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** Into how many cells a pie is cut and by what steps its time goes (numerics; docs/model.md says what they cost). */
final readonly class Resolution
{
    /**
     * @param  int  $fillColumns  cells across a filling
     * @param  int  $fillRows  and up it
     * @param  float  $firstStepSeconds  in the first two minutes of a stage, because much changes at once
     * @param  float  $stepSeconds  after that
     * @param  float  $furtherStepSeconds  past the planned minutes, in thought
     * @param  float  $restStepSeconds  out of the oven
     * @param  bool  $cools  whether the long way down to 5 °C is followed
     */
    private function __construct(
        public int $fillColumns,
        public int $fillRows,
        public float $firstStepSeconds,
        public float $stepSeconds,
        public float $furtherStepSeconds,
        public float $restStepSeconds,
        public bool $cools,
    ) {
    }

    public static function fine(): self
    {
        return new self(8, 12, 10.0, 20.0, 30.0, 40.0, true);
    }

    /** The fine one for a pie that is only compared: how long it takes to cool is not asked. */
    public static function compared(): self
    {
        return new self(8, 12, 10.0, 20.0, 30.0, 40.0, false);
    }

    /** For the search of ways out, which bakes many pies and moves each by what the fine bake of the design says more. */
    public static function searching(): self
    {
        return new self(4, 6, 40.0, 40.0, 60.0, 60.0, false);
    }

    /** For a first answer. */
    public static function coarse(): self
    {
        return new self(5, 7, 30.0, 30.0, 40.0, 60.0, false);
    }

    /** The fine grid by steps all of one length, to hold the others against. */
    public static function bySteps(float $seconds): self
    {
        return new self(8, 12, $seconds, $seconds, $seconds, $seconds, false);
    }
}
