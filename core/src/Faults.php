<?php

declare(strict_types=1);

namespace Hojaldre\Core;

/** The refusals gathered while one file is read; at most fifty are kept, a broken file needs no more. */
final class Faults
{
    private const MOST = 50;

    /** @var list<Refusal> */
    private array $refusals = [];

    public function add(Refusal $refusal): void
    {
        if (count($this->refusals) < self::MOST) {
            $this->refusals[] = $refusal;
        }
    }

    /** @throws Refused when there is any */
    public function throwIfAny(): void
    {
        if ($this->refusals !== []) {
            throw Refused::with($this->refusals);
        }
    }
}
