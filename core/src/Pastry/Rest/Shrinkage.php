<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rest;

use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\ShellSupport;

/**
 * How much of its length a sheet loses in the oven, as a product of what cooks say makes it shrink. The size is a judgement,
 * the directions are common practice (no source); docs/model.md#shrinkage says how.
 *
 *   s = 0.16 work (60/fat)^0.4 (0.45 + 0.55 e^(-rest/25)) (0.6 + 0.4 e^(-chill/12)) (3/thickness)^0.25 support warmth
 *
 * rest and chill in minutes, fat in per cent of the flour, thickness in mm; read it as +/- a quarter.
 */
final readonly class Shrinkage
{
    private const BASE = 0.16;

    /** It may be so much more or less (judgement). */
    public const RANGE = 0.25;

    /** More than this a sheet does not lose: it slides down instead (judgement). */
    private const MOST = 0.2;

    /** The floor holds on to the tin; so much of its radius pulls at the side (judgement). */
    private const FLOOR_PULLS = 0.33;

    /** From here on fat in pieces goes soft while it is handled, °C (common practice, no source). */
    private const WARM_CELSIUS = 25.0;

    private const WARM_PER_KELVIN = 0.05;

    /** Without gluten there is little to pull (judgement). */
    private const WITHOUT_GLUTEN = 0.35;

    public function __construct(
        private Formula $formula,
        private float $thicknessMm,
        private ?ShellSupport $support,
        private float $kitchenCelsius,
    ) {
    }

    /**
     * @param  float  $restMinutes  chilled after mixing
     * @param  float  $chillMinutes  in the tin
     */
    public function share(float $restMinutes, float $chillMinutes): float
    {
        $warm = $this->formula->method->keepsFatCold() ? max(0.0, $this->kitchenCelsius - self::WARM_CELSIUS) : 0.0;

        return min(self::MOST, self::BASE * $this->formula->method->work() * ($this->formula->style->tightens() ? 1.0 : self::WITHOUT_GLUTEN)
            * (60 / max(20.0, $this->formula->fatPercent())) ** 0.4
            * (0.45 + 0.55 * exp(-$restMinutes / 25)) * (0.6 + 0.4 * exp(-$chillMinutes / 12))
            * (3 / $this->thicknessMm) ** 0.25 * $this->held() * (1 + self::WARM_PER_KELVIN * $warm));
    }

    /** How much lower a side ends than the rim of its tin, mm. */
    public function lowerMm(float $sideMm, float $floorRadiusMm, float $restMinutes, float $chillMinutes): float
    {
        return $this->share($restMinutes, $chillMinutes) * ($sideMm + self::FLOOR_PULLS * $floorRadiusMm);
    }

    /** What holds the sides up (judgement): weights to the rim most, a filling that goes in raw with it even more. */
    private function held(): float
    {
        return match ($this->support) {
            null => 0.35,
            ShellSupport::Weighted => 0.5,
            ShellSupport::Propped => 0.65,
            ShellSupport::Pricked => 0.9,
            ShellSupport::Bare => 1.0,
        };
    }
}
