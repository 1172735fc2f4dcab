<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

/** How brown a cook wants the top, as a band of brownness where 1 is golden (words of the trade; bands fitted to bakes of practice, docs/model.md). */
enum ColourWish: string
{
    case Pale = 'pale';
    case Straw = 'straw';
    case Gold = 'gold';
    case Deep = 'deep';

    /** @return array{float, float} from and to, as it is wanted */
    public function band(): array
    {
        return match ($this) {
            self::Pale => [0.0, 0.3],
            self::Straw => [0.3, 0.85],
            self::Gold => [0.7, 1.6],
            self::Deep => [1.2, 2.4],
        };
    }

    /** The one whose middle is nearest to a brownness, where 1 is golden. */
    public static function nearest(float $brownness): self
    {
        $cases = self::cases();
        usort($cases, static fn (self $a, self $b): int => abs(array_sum($a->band()) / 2 - $brownness) <=> abs(array_sum($b->band()) / 2 - $brownness));

        return $cases[0];
    }

    /** @return array{float, float} beyond these a cook who wanted it so is not content: looks unbaked, tastes burnt */
    public function limits(): array
    {
        return match ($this) {
            self::Pale => [0.0, 1.0],
            self::Straw => [0.1, 1.7],
            self::Gold => [0.3, 2.6],
            self::Deep => [0.5, 3.0],
        };
    }
}
