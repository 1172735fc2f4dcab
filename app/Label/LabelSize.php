<?php

declare(strict_types=1);

namespace App\Label;

/** Labels as they are cut: eight, four or one to a sheet of A4. What does not fit a small one goes on a larger one; nothing is cut off. */
enum LabelSize: string
{
    case Eighth = 'eighth';
    case Quarter = 'quarter';
    case Whole = 'whole';

    /** A letter of 7 points is so wide on the average, and a line so high, with its gap (measured on the printed font). */
    private const LETTER_MM = 1.38;

    private const LINE_MM = 3.3;

    /** A row of what it feeds has no gap (7 points, set 1.05 high). */
    private const ROW_MM = 2.7;

    /** Around what is printed, each side. */
    public const EDGE_MM = 4.0;

    /** The smallest on which the words fit. */
    public static function for(LabelAnswer $label): self
    {
        foreach (self::cases() as $size) {
            if ($size->lines($label) * self::LINE_MM + (count($label->nutrients) + 1) * self::ROW_MM <= $size->highMm() - 2 * self::EDGE_MM) {
                return $size;
            }
        }

        return self::Whole;
    }

    public function wideMm(): float
    {
        return $this === self::Whole ? 190.0 : 95.0;
    }

    public function highMm(): float
    {
        return match ($this) {
            self::Eighth => 68.0,
            self::Quarter => 136.0,
            self::Whole => 272.0,
        };
    }

    public function across(): int
    {
        return $this === self::Whole ? 1 : 2;
    }

    public function aSheet(): int
    {
        return match ($this) {
            self::Eighth => 8,
            self::Quarter => 4,
            self::Whole => 1,
        };
    }

    private function lines(LabelAnswer $label): int
    {
        $letters = ($this->wideMm() - 2 * self::EDGE_MM) / self::LETTER_MM;
        $long = static fn (string $text): int => (int) ceil(mb_strlen($text) / $letters);
        $ingredients = implode('', array_map(static fn (LabelRun $one): string => $one->text, $label->ingredients));

        // the name is set larger; dates and note have a line each
        return 2 * $long($label->name) + $long("Ingredients: $ingredients") + $long(implode(' ', $label->keep)) + $long(implode(' ', $label->eat)) + 2;
    }
}
