<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Fields;

/** An oven of the kitchen and how it lies. */
final readonly class Oven
{
    /** @param  float  $runsByKelvins  measured inside less what the dial says, -60 to 60; negative where it runs cold */
    public function __construct(public string $name, public float $runsByKelvins)
    {
    }

    public static function read(Fields $fields): self
    {
        $read = new self($fields->text('name', 1, 60), $fields->number('runsByKelvins', -60, 60, 'K'));
        $fields->nothingElse();

        return $read;
    }

    /** What to set for a temperature wanted inside. */
    public function dialCelsius(float $insideCelsius): float
    {
        return $insideCelsius - $this->runsByKelvins;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['name' => $this->name, 'runsByKelvins' => $this->runsByKelvins];
    }
}
