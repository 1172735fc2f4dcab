<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Readings\Reading;

/** What a change of the design does to one reading. */
final readonly class Effect
{
    public string $name;

    public ?float $from;

    public ?float $to;

    public function __construct(private Reading $before, private Reading $after)
    {
        $this->name = $before->name;
        $this->from = $before->value;
        $this->to = $after->value;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'unit' => $this->before->unit,
            'decimals' => $this->before->decimals,
            'from' => $this->from === null ? null : round($this->from, 3),
            'to' => $this->to === null ? null : round($this->to, 3),
            'verdictBefore' => $this->before->verdict,
            'verdictAfter' => $this->after->verdict,
        ];
    }
}
