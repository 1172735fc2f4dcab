<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Advice\WayOut;

/** One of the readings of a forecast. */
final readonly class Reading
{
    /**
     * @param  float|null  $value  null where there is none to give (see state and reason)
     * @param  array{float, float}  $scale
     */
    public function __construct(
        public string $name,
        public string $unit,
        public int $decimals,
        public ?float $value,
        public ?float $low,
        public ?float $high,
        public Limits $limits,
        public array $scale,
        public ReadingState $state,
        public string $verdict,
        public string $reason,
    ) {
    }

    public function inTrouble(): bool
    {
        return $this->state === ReadingState::Outside;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'unit' => $this->unit,
            'decimals' => $this->decimals,
            'value' => self::rounded($this->value),
            'low' => self::rounded($this->low),
            'high' => self::rounded($this->high),
            'limits' => [
                'lower' => self::rounded($this->limits->lower),
                'lowerName' => $this->limits->lowerName,
                'upper' => self::rounded($this->limits->upper),
                'upperName' => $this->limits->upperName,
            ],
            'scale' => ['from' => round($this->scale[0], 2), 'to' => round($this->scale[1], 2)],
            'state' => $this->state->value,
            'verdict' => $this->verdict,
            'reason' => $this->reason,
        ];
    }

    private static function rounded(?float $value): ?float
    {
        return $value === null ? null : round($value, 3);
    }
}
