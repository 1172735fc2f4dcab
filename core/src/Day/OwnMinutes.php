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
        return new self(array_map(self::middle(...), self::ratios($logged)));
    }

    /**
     * Minutes taken to minutes planned, of each kind that was logged often enough to say something.
     *
     * @param  list<array{kind: TaskKind, plannedMinutes: float, tookMinutes: float}>  $logged
     * @return array<string, non-empty-list<float>> by kind
     */
    public static function ratios(array $logged): array
    {
        $ratios = [];
        foreach ($logged as $one) {
            $ratio = $one['tookMinutes'] / max(1.0, $one['plannedMinutes']);
            if ($one['kind']->isByHand() && $ratio >= self::LEAST_FACTOR && $ratio <= self::MOST_FACTOR) {
                $ratios[$one['kind']->value][] = $ratio;
            }
        }

        return array_filter($ratios, static fn (array $all): bool => count($all) >= self::LEAST_LOGGED);
    }

    /** @param  non-empty-list<float>  $ratios */
    public static function middle(array $ratios): float
    {
        sort($ratios);
        $middle = intdiv(count($ratios), 2);

        return count($ratios) % 2 === 1 ? $ratios[$middle] : ($ratios[$middle - 1] + $ratios[$middle]) / 2;
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
