<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Fields;

/** One stage of the filled pie in the oven. */
final readonly class Stage
{
    public const MODES = ['static', 'fan'];

    public const RACKS = ['low', 'middle', 'high'];

    /**
     * @param  float  $ovenCelsius  measured inside, 120 to 280
     * @param  string  $mode  of MODES
     * @param  float  $minutes  1 to 240
     * @param  string  $rack  of RACKS
     * @param  bool  $tent  foil over the top
     * @param  bool  $shield  a ring of foil over the rim
     */
    public function __construct(
        public float $ovenCelsius,
        public string $mode,
        public float $minutes,
        public string $rack = 'middle',
        public bool $tent = false,
        public bool $shield = false,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $read = new self(
            $fields->number('ovenCelsius', 120, 280, '°C'), $fields->oneOf('mode', self::MODES), $fields->number('minutes', 1, 240, 'min'),
            $fields->oneOf('rack', self::RACKS), $fields->flag('tent'), $fields->flag('shield'),
        );
        $fields->nothingElse();

        return $read;
    }

    public function with(?float $ovenCelsius = null, ?float $minutes = null, ?string $rack = null, ?bool $tent = null, ?bool $shield = null, ?string $mode = null): self
    {
        return new self(
            $ovenCelsius ?? $this->ovenCelsius, $mode ?? $this->mode, $minutes ?? $this->minutes, $rack ?? $this->rack,
            $tent ?? $this->tent, $shield ?? $this->shield,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'ovenCelsius' => $this->ovenCelsius, 'mode' => $this->mode, 'minutes' => $this->minutes, 'rack' => $this->rack,
            'tent' => $this->tent, 'shield' => $this->shield,
        ];
    }
}
