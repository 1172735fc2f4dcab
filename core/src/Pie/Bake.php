<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Fields;

/** How long the filled pie is to stand in what oven. */
final readonly class Bake
{
    public const MODES = ['static', 'fan'];

    /**
     * @param  float  $ovenCelsius  measured inside, 120 to 280
     * @param  string  $mode  static or fan
     * @param  float  $minutes  until it is taken out, 1 to 240
     */
    public function __construct(
        public float $ovenCelsius,
        public string $mode,
        public float $minutes,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $read = new self(
            $fields->number('ovenCelsius', 120, 280, '°C'),
            $fields->oneOf('mode', self::MODES),
            $fields->number('minutes', 1, 240, 'min'),
        );
        $fields->nothingElse();

        return $read;
    }

    public function withMinutes(float $minutes): self
    {
        return new self($this->ovenCelsius, $this->mode, $minutes);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['ovenCelsius' => $this->ovenCelsius, 'mode' => $this->mode, 'minutes' => $this->minutes];
    }
}
