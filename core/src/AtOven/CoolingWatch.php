<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Safety\CoolingLimits;
use Hojaldre\Core\Safety\CoolingVerdict;

/** Out of the oven: is it cold in time? By the probe where there is one, else by the forecast (docs/sources.md#food-code). */
final readonly class CoolingWatch
{
    /**
     * @param  float|null  $hotMinute  when the hottest of it came, or will come, below 57 °C, min since it came out
     * @param  float  $warmByMinute  it must be below 21 °C by then
     * @param  float  $coldByMinute  and below 5 °C by then
     */
    private function __construct(public bool $isMeasured, public ?float $hotMinute, public ?float $warmMinute, public ?float $coldMinute, public float $warmByMinute, public float $coldByMinute, public ?CoolingVerdict $verdict)
    {
    }

    /**
     * @param  Trace|null  $trace  with minutes since it went in
     * @param  array{float|null, float|null, float|null}  $forecast  when the simulated bake came below 57, 21 and 5 °C, min since it came out
     */
    public static function of(?Trace $trace, float $outMinute, array $forecast): self
    {
        $after = static fn (float $celsius): ?float => $trace?->fallsBelow($celsius, $outMinute);
        $isMeasured = $trace !== null && $trace->lastMinute() > $outMinute;
        $at = $isMeasured ? array_map(static fn (float $celsius): ?float => ($minute = $after($celsius)) === null ? null : $minute - $outMinute, [CoolingLimits::HOT_CELSIUS, CoolingLimits::WARM_CELSIUS, CoolingLimits::COLD_CELSIUS]) : $forecast;
        [$hot, $warm, $cold] = $at;
        $from = $hot ?? $forecast[0] ?? 0.0;
        $now = $isMeasured ? $trace->lastMinute() - $outMinute : 0.0;
        [$warmBy, $coldBy] = [$from + CoolingLimits::TO_WARM_MINUTES, $from + CoolingLimits::TO_COLD_MINUTES];

        return new self($isMeasured, $hot, $warm, $cold, $warmBy, $coldBy, match (true) {
            ! $isMeasured => CoolingLimits::judge(...$forecast),
            $warm === null && $now > $warmBy, $warm !== null && $warm > $warmBy => CoolingVerdict::TooSlowToWarm,
            $cold === null && $now > $coldBy, $cold !== null && $cold > $coldBy => CoolingVerdict::TooSlowToCold,
            $cold !== null => CoolingVerdict::WithinLimits,
            default => null,
        });
    }
}
