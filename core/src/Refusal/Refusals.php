<?php

declare(strict_types=1);

namespace Hojaldre\Core\Refusal;

/** The refusals gathered while one document is read; at most fifty are kept, a broken file needs no more. */
final class Refusals
{
    /** A limit of ours (definition). */
    private const MOST = 50;

    /** @var list<Refusal> */
    private array $refusals = [];

    private int $seen = 0;

    public function add(Refusal $refusal): void
    {
        $this->seen++;
        if (count($this->refusals) < self::MOST) {
            $this->refusals[] = $refusal;
        }
    }

    /** All of them, those too that are not kept. */
    public function count(): int
    {
        return $this->seen;
    }

    /** @throws Refused when there is any */
    public function throwIfAny(): void
    {
        if ($this->refusals !== []) {
            throw Refused::with($this->refusals);
        }
    }
}
