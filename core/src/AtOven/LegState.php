<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** How far one way through the oven is, by its log. */
final readonly class LegState
{
    /**
     * @param  list<string>  $ticked  items of the gate
     * @param  list<string>  $stopped  items for which it was stopped once
     * @param  float|null  $inSeconds  of the clock; null while it is before the gate
     * @param  float|null  $outSeconds  null while it is in
     * @param  list<ActState>  $acts  in the order in which they come
     * @param  list<Seen>  $seen  beside the picture of how it trembles
     */
    public function __construct(
        public Leg $leg,
        public array $ticked,
        public array $stopped,
        public ?float $inSeconds,
        public ?float $outSeconds,
        public array $acts,
        public array $seen,
    ) {
    }

    /** Minutes in the oven; null while it is not out. */
    public function outMinute(): ?float
    {
        return $this->inSeconds === null || $this->outSeconds === null ? null : ($this->outSeconds - $this->inSeconds) / 60;
    }

    /** The first that is to come; null when all is done. */
    public function next(): ?ActState
    {
        foreach ($this->acts as $one) {
            if ($one->doneMinute === null) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<GateItem> that nobody looked at */
    public function open(): array
    {
        return array_values(array_filter($this->leg->gate, fn (GateItem $item): bool => ! in_array($item->name->value, $this->ticked, true)));
    }
}
