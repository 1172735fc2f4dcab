<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

/** A change to the design that mends a reading, worked out, with what it does to all of them. */
final readonly class WayOut
{
    /**
     * @param  bool  $clears  whether the reading stands inside its limits afterwards
     * @param  float|null  $low  range of the reading afterwards
     * @param  list<Change>  $changes
     * @param  list<Effect>  $effects
     */
    public function __construct(
        public string $id,
        public string $act,
        public bool $clears,
        public ?float $low,
        public ?float $high,
        public array $changes,
        public array $effects,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'act' => $this->act,
            'clears' => $this->clears,
            'low' => $this->low === null ? null : round($this->low, 3),
            'high' => $this->high === null ? null : round($this->high, 3),
            'changes' => array_map(static fn (Change $change): array => $change->toArray(), $this->changes),
            'effects' => array_map(static fn (Effect $effect): array => $effect->toArray(), $this->effects),
        ];
    }
}
