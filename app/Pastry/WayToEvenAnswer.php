<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Pastry\Even\DoughAndFilling;
use Hojaldre\Core\Pastry\Even\WayName;
use Hojaldre\Core\Pastry\Even\WayToEven;
use Hojaldre\Core\Statement\Statement;

#[Schema('WayToEven')]
final readonly class WayToEvenAnswer
{
    /**
     * @param  string  $does  what to change
     * @param  string  $price  what comes of it
     * @param  int  $pieces  that are filled
     */
    private function __construct(
        public WayName $name,
        public string $does,
        public string $price,
        public int $pieces,
        public float $gramsEach,
        public float $thicknessMm,
        public float $lengthMm,
        public float $doughGrams,
    ) {
    }

    public static function of(WayToEven $way, DoughAndFilling $even, Words $words): self
    {
        $with = [
            'pieces' => $way->pieces, 'eachGrams' => $way->gramsEach, 'nowGrams' => $even->eachGrams(), 'thickMm' => $way->thicknessMm, 'wasMm' => $even->thicknessMm,
            'discCm' => $way->lengthMm / 10, 'doughGrams' => $way->doughGrams, 'moreDoughGrams' => $way->doughGrams - $even->doughGrams, 'leftGrams' => $way->fillingLeftGrams,
            'left' => $way->piecesLeft, 'tinCm' => ($way->tinMm ?? 0.0) / 10, 'mostGrams' => $even->filling($way->lengthMm)->mostGrams, 'leastGrams' => $even->filling($way->lengthMm)->leastGrams,
        ];

        return new self(
            $way->name, $words->say(new Statement('even.'.$way->name->value, $with)), $words->say(new Statement('even-price.'.$way->name->value, $with)),
            $way->pieces, round($way->gramsEach, 1), round($way->thicknessMm, 1), round($way->lengthMm), ceil($way->doughGrams),
        );
    }
}
