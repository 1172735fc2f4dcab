<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

use Hojaldre\Core\Document\Number;

/** One stage of the filled pie in the oven. */
final readonly class Stage
{
    /**
     * @param  float  $ovenCelsius  measured inside
     * @param  bool  $tent  foil over the top
     * @param  bool  $shield  a ring of foil over the rim
     */
    public function __construct(
        #[Number(120, 280, '°C')] public float $ovenCelsius,
        public OvenMode $mode,
        #[Number(1, 240, 'min')] public float $minutes,
        public Rack $rack = Rack::Middle,
        public bool $tent = false,
        public bool $shield = false,
    ) {
    }

    public function with(?float $ovenCelsius = null, ?float $minutes = null, ?Rack $rack = null, ?bool $tent = null, ?bool $shield = null, ?OvenMode $mode = null): self
    {
        return new self(
            $ovenCelsius ?? $this->ovenCelsius, $mode ?? $this->mode, $minutes ?? $this->minutes, $rack ?? $this->rack,
            $tent ?? $this->tent, $shield ?? $this->shield,
        );
    }
}
