<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

/** How a dough is brought together. Minutes and work: common practice, no source. */
enum MixMethod: string
{
    case Rubbed = 'rubbed';
    case Processor = 'processor';
    case Grated = 'grated';
    case Soft = 'soft';
    case HalfMelted = 'half-melted';
    case YolkWell = 'yolk-well';
    case Folds = 'folds';
    case Boiled = 'boiled';
    case Stirred = 'stirred';

    /** @return array{float, float} hands-on minutes, least and most; rests between folds are not in them */
    public function minutes(): array
    {
        return match ($this) {
            self::Rubbed => [10.0, 15.0],
            self::Processor => [4.0, 6.0],
            self::Grated => [8.0, 12.0],
            self::Soft => [6.0, 10.0],
            self::HalfMelted => [8.0, 10.0],
            self::YolkWell => [12.0, 18.0],
            self::Folds => [30.0, 45.0],
            self::Boiled => [10.0, 15.0],
            self::Stirred => [4.0, 6.0],
        };
    }

    /** @return array{int, int}|null seconds that the blade runs, least and most */
    public function bladeSeconds(): ?array
    {
        return $this === self::Processor ? [20, 90] : null;
    }

    /** How much gluten it works up, rubbed by hand being 1 (judgement). */
    public function work(): float
    {
        return match ($this) {
            self::Rubbed => 1.0,
            self::Processor => 1.15,
            self::Grated => 0.85,
            self::Soft, self::HalfMelted => 0.7,
            self::YolkWell => 0.9,
            self::Folds => 1.25,
            self::Boiled => 0.6,
            self::Stirred => 0.5,
        };
    }

    /** Whether its fat goes in as cold pieces, which a warm kitchen spoils. */
    public function keepsFatCold(): bool
    {
        return in_array($this, [self::Rubbed, self::Processor, self::Grated, self::Folds], true);
    }

    /** Whether fat goes in soft: such a dough takes more water and does not crack cold. */
    public function isSoft(): bool
    {
        return in_array($this, [self::Soft, self::HalfMelted, self::YolkWell], true);
    }
}
