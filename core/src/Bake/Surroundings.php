<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;

/**
 * What stands around the pie in one stage. Convection W/m2 K: static 8.5 above and 7 below, fan 15.5 and 11.5 (fitted, so that
 * fan is about static less 20 °C); air of an oven holds 8 kPa of vapour; a rack low in the oven is hotter below (judgement).
 */
final readonly class Surroundings
{
    private const VAPOUR_PASCAL = 8000.0;

    /** The width that the figures above are for; still air moves faster over smaller things, h ~ L^(-1/4) (docs/sources.md#incropera). */
    private const ACROSS_MM = 230.0;

    /** What opening the door costs, K, and how long it takes to come back, s. */
    private const DIP_KELVINS = 44.0;

    private const DIP_SECONDS = 450.0;

    /** What a loose tent of foil lets through: it shades, but the air under it gets hot (judgement, fitted to the deep pie of practice). */
    private const TENT_CONVECTS = 0.8;

    private const TENT_RADIATES = 0.6;

    private const TENT_DRIES = 0.6;

    /**
     * @param  float  $aboveCelsius  above the pie
     * @param  float  $belowCelsius  below it
     * @param  float  $convectionAbove  W/m2 K
     * @param  float  $convectionBelow  W/m2 K
     * @param  float  $radiates  share of the radiation that reaches the top
     * @param  float  $rimShare  share of convection and radiation that reaches the rim
     * @param  float  $dries  share of the evaporation that is left
     * @param  float  $lewis  J/m3 K, convection over this is the transfer of vapour: 800 in an oven, 1100 in a room
     * @param  float  $vapourKgPerM3  of the air
     * @param  float  $contact  W/m2 K through what it stands on, 0 on an open rack
     * @param  float|null  $openedSeconds  how long ago the door was opened when it begins; null where there is none
     */
    private function __construct(
        public float $aboveCelsius,
        public float $belowCelsius,
        public float $convectionAbove,
        public float $convectionBelow,
        public float $radiates,
        public float $rimShare,
        public float $dries,
        public float $lewis,
        public float $vapourKgPerM3,
        public float $contact,
        private ?float $openedSeconds,
    ) {
    }

    /** @param  float  $acrossMm how wide the pie is */
    public static function oven(float $celsius, OvenMode $mode, Rack $rack, bool $tent, bool $shield, bool $onSteel, float $heatTransferFactor = 1.0, float $acrossMm = self::ACROSS_MM): self
    {
        $small = ($acrossMm / self::ACROSS_MM) ** -0.25;
        [$above, $below] = $mode === OvenMode::Fan ? [15.5, 11.5] : [8.5, 7.0];
        [$hotterAbove, $hotterBelow] = match ($rack) {
            Rack::Low => [-5.0, 15.0],
            Rack::High => [8.0, -8.0],
            Rack::Middle => [0.0, 0.0],
        };

        return new self(
            aboveCelsius: $celsius + $hotterAbove,
            belowCelsius: $celsius + $hotterBelow,
            convectionAbove: $above * $small * ($tent ? self::TENT_CONVECTS : 1.0) * $heatTransferFactor,
            convectionBelow: $below * $small * $heatTransferFactor,
            radiates: ($tent ? self::TENT_RADIATES : 1.0) * $heatTransferFactor,
            rimShare: $shield ? 0.4 : 1.0,
            dries: $tent ? self::TENT_DRIES : 1.0,
            lewis: 800.0,
            vapourKgPerM3: Vapour::density(self::VAPOUR_PASCAL, $celsius),
            contact: $onSteel ? 80.0 : 0.0,
            openedSeconds: 0.0,
        );
    }

    /** A kitchen at 20 °C, the pie on a rack. */
    public static function room(): self
    {
        return new self(20, 20, 5, 5, 1, 1, 1, 1100, Vapour::density(0.5 * Vapour::pascal(20), 20), 0, null);
    }

    public static function fridge(): self
    {
        return new self(4, 4, 8, 8, 1, 1, 1, 1100, Vapour::density(0.7 * Vapour::pascal(4), 4), 0, null);
    }

    /** The same, with the door left shut for so long already: what it was short of goes on coming back. */
    public function shutFor(float $seconds): self
    {
        return new self(
            $this->aboveCelsius, $this->belowCelsius, $this->convectionAbove, $this->convectionBelow, $this->radiates, $this->rimShare,
            $this->dries, $this->lewis, $this->vapourKgPerM3, $this->contact, $seconds,
        );
    }

    /** What an opened oven is short of, K. */
    public function dip(float $seconds): float
    {
        return $this->openedSeconds === null ? 0.0 : self::DIP_KELVINS * exp(-($seconds + $this->openedSeconds) / self::DIP_SECONDS);
    }
}
