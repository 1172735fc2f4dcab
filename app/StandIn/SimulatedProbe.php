<?php

declare(strict_types=1);

namespace App\StandIn;

use Hojaldre\Core\AtOven\PossibleBake;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;

/**
 * A probe in the middle of a pie that is baked in simulation, in a kitchen that nobody told the app about: an oven that is off, and a
 * probe that is off and unsteady. It can say rubbish, jump, and be pulled out.
 */
final class SimulatedProbe implements SimulatedDevice
{
    private const KITCHEN_CELSIUS = 21.0;

    /** On the rack it falls towards the kitchen: in so many minutes by 1 - 1/e of the way (judgement). */
    private const COOLS_MINUTES = 75.0;

    private readonly PossibleBake $bake;

    private readonly Normal $noise;

    private ?float $inAt = null;

    private ?float $outAt = null;

    private float $rubbishUntil = 0.0;

    private float $jumpUntil = 0.0;

    private float $jumpKelvins = 0.0;

    /**
     * @param  float  $ovenKelvins  hotter than its dial says, hidden
     * @param  float  $offKelvins  that the probe reads too high
     * @param  float  $noiseKelvins  one standard deviation
     * @param  float  $speed  seconds of the bake in one of the clock
     */
    public function __construct(Pie $pie, float $ovenKelvins, private readonly float $offKelvins, private readonly float $noiseKelvins, private readonly float $speed)
    {
        $this->bake = PossibleBakes::run(BakeInputs::of(Weights::of($pie)), new BakeDeviation(ovenKelvins: $ovenKelvins));
        $this->noise = new Normal(1);
    }

    public function verbs(): array
    {
        return ['in', 'out', 'rubbish', 'jump'];
    }

    public function take(string $verb, array $asked, float $now): ?string
    {
        $number = static fn (string $name, float $else): float => is_numeric($asked[$name] ?? null) ? (float) $asked[$name] : $else;
        match ($verb) {
            'in' => [$this->inAt, $this->outAt] = [$now - 60 * $number('minute', 0.0) / $this->speed, null],
            'out' => $this->outAt = $now,
            'rubbish' => $this->rubbishUntil = $now + $number('seconds', 5.0),
            default => [$this->jumpKelvins, $this->jumpUntil] = [$number('kelvins', 20.0), $now + $number('seconds', 5.0)],
        };

        return null;
    }

    public function line(float $now): string
    {
        if ($now < $this->rubbishUntil) {
            // what loose contacts say: nothing that parses, or a figure no pie has
            return ((int) $now) % 2 === 0 ? '{"celsius": 8' : '{"celsius": 1372}';
        }

        return (string) json_encode(['celsius' => round($this->celsius($now) + $this->offKelvins + $this->noiseKelvins * $this->noise->next() + ($now < $this->jumpUntil ? $this->jumpKelvins : 0.0), 1)]);
    }

    private function celsius(float $now): float
    {
        if ($this->inAt === null) {
            return $this->bake->celsiusAt(0.0);
        }
        $minute = ($now - $this->inAt) * $this->speed / 60;
        if ($this->outAt === null) {
            return $this->bake->celsiusAt($minute);
        }
        $out = ($this->outAt - $this->inAt) * $this->speed / 60;

        return self::KITCHEN_CELSIUS + ($this->bake->celsiusAt($out) - self::KITCHEN_CELSIUS) * exp(-($minute - $out) / self::COOLS_MINUTES);
    }
}
