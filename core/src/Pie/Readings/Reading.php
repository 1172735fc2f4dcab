<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\Readings;

use Hojaldre\Core\Pie\WaysOut\WayOut;

/** One of the readings of a forecast. */
final readonly class Reading
{
    /**
     * @param  float|null  $value  null where there is none to give (see state and reason)
     * @param  array{float, float}  $scale
     * @param  list<WayOut>|null  $waysOut  null while they were not searched for
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
        public State $state,
        public string $verdict,
        public string $reason,
        public ?array $waysOut = null,
    ) {
    }

    public function inTrouble(): bool
    {
        return $this->state === State::OnTheRim;
    }

    /** @param  list<WayOut>  $waysOut */
    public function withWaysOut(array $waysOut): self
    {
        return new self(
            $this->name, $this->unit, $this->decimals, $this->value, $this->low, $this->high, $this->limits,
            $this->scale, $this->state, $this->verdict, $this->reason, $waysOut,
        );
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
            'waysOut' => $this->waysOut === null ? null : array_map(static fn (WayOut $way): array => $way->toArray(), $this->waysOut),
        ];
    }

    private static function rounded(?float $value): ?float
    {
        return $value === null ? null : round($value, 3);
    }
}
