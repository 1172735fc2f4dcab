<?php

declare(strict_types=1);

namespace App\Label;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Label\Label;
use Hojaldre\Core\Label\LabelLine;
use Hojaldre\Core\Label\Nutrient;
use Hojaldre\Core\Label\NutrientName;
use Hojaldre\Core\Label\Nutrition;
use Hojaldre\Core\Label\SoldAs;
use Hojaldre\Core\Measure\Figures;

/** A label in words, as it is shown, printed and put into a PDF. */
#[Schema('Label')]
final readonly class LabelAnswer
{
    /**
     * @param  list<LabelRun>  $ingredients
     * @param  list<string>  $contains  allergens
     * @param  string  $madeOn  date
     * @param  string  $useBy  date
     * @param  bool  $isPast  it must not be sold any more, and no label is printed
     * @param  list<string>  $keep
     * @param  list<string>  $eat
     * @param  float  $pieceGrams  as it is eaten
     * @param  list<NutrientRow>  $nutrients
     */
    private function __construct(
        public string $name,
        public SoldAs $soldAs,
        public array $ingredients,
        public array $contains,
        public string $madeOn,
        public string $useBy,
        public bool $isPast,
        public array $keep,
        public array $eat,
        public int $pieces,
        public float $pieceGrams,
        public array $nutrients,
    ) {
    }

    public static function of(Label $label, SoldAs $as, Words $words): self
    {
        return new self(
            $label->name, $as, self::runs($label->ingredients->lines, $words), array_map(static fn (Allergen $one): string => $words->word('allergen', $one), $label->ingredients->allergens()),
            $label->madeOn, $label->useBy, $label->useBy < now()->toDateString(), array_map($words->say(...), $label->keep), array_map($words->say(...), $label->eat), $label->pieces, round($label->nutrition->pieceGrams()), self::rows($label->nutrition, $words),
        );
    }

    /**
     * @param  list<LabelLine>  $lines
     * @return list<LabelRun>
     */
    private static function runs(array $lines, Words $words): array
    {
        $runs = [];
        foreach ($lines as $index => $line) {
            $runs = [...$runs, ...($index === 0 ? [] : [new LabelRun(', ', false)]), new LabelRun(explode(',', $line->name)[0], false)];
            foreach ($line->allergens as $at => $allergen) {
                $runs = [...$runs, new LabelRun($at === 0 ? ' (' : ', ', false), new LabelRun($words->word('allergen', $allergen), true)];
            }
            $runs = $line->allergens === [] ? $runs : [...$runs, new LabelRun(')', false)];
            $runs = $line->parts === [] ? $runs : [...$runs, new LabelRun(' [', false), ...self::runs($line->parts, $words), new LabelRun(']', false)];
        }

        return $runs;
    }

    /** @return list<NutrientRow> */
    private static function rows(Nutrition $nutrition, Words $words): array
    {
        $of100g = $nutrition->of100g();
        $ofPiece = $nutrition->ofPiece();

        return array_map(static function (Nutrient $hundred, Nutrient $piece) use ($of100g, $ofPiece, $words): NutrientRow {
            $isEnergy = $piece->name === NutrientName::Energy;
            $say = static fn (float $amount): string => Figures::number(Nutrient::declared($piece->name, $amount), 2);
            $unit = $isEnergy ? 'kJ' : 'g';

            return new NutrientRow(
                $words->word('nutrient', $piece->name),
                $say($hundred->amount)." $unit".($isEnergy ? ' / '.Figures::number(round(Nutrition::kilocalories($of100g))).' kcal' : ''),
                $say($piece->amount)." $unit".($isEnergy ? ' / '.Figures::number(round(Nutrition::kilocalories($ofPiece))).' kcal' : ''),
                $say($piece->low()).' to '.$say($piece->high())." $unit",
            );
        }, $of100g, $ofPiece);
    }
}
