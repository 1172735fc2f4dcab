<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** How far one way through the oven is, by its log. */
final readonly class LegState
{
    /** A look says something of a pie that comes out so shortly after it, min (judgement). */
    private const LOOK_COUNTS_MINUTES = 6.0;

    /**
     * @param  list<string>  $ticked  items of the gate
     * @param  list<string>  $stopped  items for which it was stopped once
     * @param  float|null  $inSeconds  of the clock; null while it is before the gate
     * @param  float|null  $outSeconds  null while it is in
     * @param  list<ActState>  $acts  in the order in which they come
     * @param  list<Seen>  $seen  beside the picture of how it trembles
     * @param  float  $outsideMinutes  that it was out and went in again
     * @param  float|null  $middleCelsius  what was measured in its middle when it was out
     */
    public function __construct(
        public Leg $leg,
        public array $ticked,
        public array $stopped,
        public ?float $inSeconds,
        public ?float $outSeconds,
        public array $acts,
        public array $seen,
        public float $outsideMinutes = 0.0,
        public ?float $middleCelsius = null,
    ) {
    }

    /** Minutes in the oven; null while it is not out. */
    public function outMinute(): ?float
    {
        return $this->inSeconds === null || $this->outSeconds === null ? null : ($this->outSeconds - $this->inSeconds) / 60;
    }

    /** What it was baked, as far as it counts: what it was outside in between counts twice against it, for it had to get warm again (judgement). */
    public function bakedMinutes(): ?float
    {
        $out = $this->outMinute();

        return $out === null ? null : max(0.0, $out - 2 * $this->outsideMinutes);
    }

    /** The last look before it came out found it as the picture, or further. */
    public function isSeenSet(): bool
    {
        $last = $this->seen[count($this->seen) - 1] ?? null;
        $out = $this->outMinute();

        return $last !== null && $last->compared !== Compared::More && $out !== null && $out - $last->minute <= self::LOOK_COUNTS_MINUTES && $out >= $last->minute - 0.5;
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
