<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\PossibleBake;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;

/** A bake as it was done, simulated in a kitchen that differs. */
final readonly class TrialBake
{
    /**
     * @param  float  $baseRatio  water to solids of the base when it has rested; 0 without a base
     * @param  float|null  $readyMinute  from which it may come out; null where nothing has to set
     * @param  float  $overMinute  from which it is past its best
     */
    public function __construct(
        public BakeDeviation $kitchen,
        public PossibleBake $possible,
        public float $baseRatio,
        public float $baseBakedShare,
        public float $topIndex,
        public float $rimIndex,
        public float $undersideIndex,
        public float $outMinutes,
        public ?float $readyMinute,
        public float $overMinute,
        public float $safeMinute,
    ) {
    }

    public static function run(BakeInput $input, BakeDeviation $kitchen): self
    {
        $result = Simulation::run($input, $kitchen, Resolution::searching());

        return new self(
            $kitchen, PossibleBakes::from($result, $input), is_nan($result->baseRatio) ? 0.0 : $result->baseRatio, $result->baseBakedShare, $result->browned->topIndex, $result->browned->rimIndex, $result->browned->undersideIndex,
            $result->outMinutes, $input->setsAtCelsius === null ? null : $result->minute(BakeEvent::TimeToLook), $result->minute(BakeEvent::Over), $result->minute(BakeEvent::Safe),
        );
    }
}
