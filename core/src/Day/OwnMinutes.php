<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Day\Task\TaskKind;

/** How this kitchen's pace compares with what is usual, by kind of work: the median of what was logged. */
final readonly class OwnMinutes
{
    /** Fewer say nothing; what is further off was no work but a pause or a wrong press (judgement). */
    public const LEAST_LOGGED = 3;

    private const LEAST_FACTOR = 0.4;

    private const MOST_FACTOR = 3.0;

    /** @param  array<string, float>  $factors  by kind: minutes taken to minutes planned */
    private function __construct(private array $factors)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  list<array{kind: TaskKind, plannedMinutes: float, tookMinutes: float}>  $logged */
    public static function from(array $logged): self
    {
        $ratios = [];
        foreach ($logged as $one) {
            $ratio = $one['tookMinutes'] / max(1.0, $one['plannedMinutes']);
            if ($one['kind']->isByHand() && $ratio >= self::LEAST_FACTOR && $ratio <= self::MOST_FACTOR) {
                $ratios[$one['kind']->value][] = $ratio;
            }
        }
        $factors = [];
        foreach ($ratios as $kind => $all) {
            if (count($all) >= self::LEAST_LOGGED) {
                sort($all);
                $middle = intdiv(count($all), 2);
                $factors[$kind] = count($all) % 2 === 1 ? $all[$middle] : ($all[$middle - 1] + $all[$middle]) / 2;
            }
        }

        return new self($factors);
    }

    /** Whole minutes, one at least, that so many usual ones take here. */
    public function of(TaskKind $kind, float $usualMinutes): int
    {
        return max(1, (int) ceil($usualMinutes * ($this->factors[$kind->value] ?? 1.0) - 1e-6));
    }

    /** @return array<string, float> by kind, those that are known */
    public function factors(): array
    {
        return $this->factors;
    }
}
