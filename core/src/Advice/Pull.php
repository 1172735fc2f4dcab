<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Advice\Levers\Lever;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** A lever pulled, perhaps on top of another pull: the pie it makes and whether that mends the reading. */
final readonly class Pull
{
    private function __construct(private Lever $lever, private float $by, private Pie $from, private ?self $first, public Pie $pie, public bool $clears)
    {
    }

    public static function of(Lever $lever, float $by, Pie $from, ?self $first = null): self
    {
        return new self($lever, $by, $from, $first, $lever->pull($from, $by), false);
    }

    public function clearing(bool $clears): self
    {
        return new self($this->lever, $this->by, $this->from, $this->first, $this->pie, $clears);
    }

    /** One step further; null where it cannot be pulled so far. */
    public function further(): ?self
    {
        $by = $this->by + $this->lever->step($this->from);

        return $by > $this->lever->most($this->from) + 1e-9 ? null : self::of($this->lever, $by, $this->from, $this->first);
    }

    public function id(): string
    {
        $ids = [...($this->first === null ? [] : [$this->first->id()]), $this->lever->id()];
        sort($ids);

        return implode('+', $ids);
    }

    /** @return list<Statement> what the cook does, one after the other */
    public function acts(): array
    {
        return [...($this->first?->acts() ?? []), $this->lever->act($this->from, $this->by)];
    }

    public function cost(): int
    {
        return $this->lever->cost() + ($this->first?->cost() ?? 0);
    }

    public function pulls(Lever $lever): bool
    {
        return $this->lever->id() === $lever->id();
    }
}
