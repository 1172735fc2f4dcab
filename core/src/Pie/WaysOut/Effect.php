<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\WaysOut;

/** What a way out does to one reading. */
final readonly class Effect
{
    public function __construct(
        public string $name,
        public ?float $from,
        public ?float $to,
        public string $verdictBefore,
        public string $verdictAfter,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'from' => $this->from === null ? null : round($this->from, 3),
            'to' => $this->to === null ? null : round($this->to, 3),
            'verdictBefore' => $this->verdictBefore,
            'verdictAfter' => $this->verdictAfter,
        ];
    }
}
