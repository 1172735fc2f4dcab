<?php

declare(strict_types=1);

namespace App\Label;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\AllergenName;
use Hojaldre\Core\Food\AllergensKnown;
use Hojaldre\Core\Label\Label;
use Hojaldre\Core\Label\LabelLine;
use Hojaldre\Core\Label\Nutrient;
use Hojaldre\Core\Label\NutrientName;
use Hojaldre\Core\Label\Nutrition;
use Hojaldre\Core\Label\SoldAs;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Statement\Statement;

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
     * @param  list<string>  $containsOfNine  allergens as the United States name them
     * @param  list<string>  $checks  what the cook has to look up before it is printed; empty where all of it is sure
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
        public array $checks,
        public array $containsOfNine,
    ) {
    }

    public static function of(Label $label, SoldAs $as, Words $words): self
    {
        return new self(
            $label->name, $as, self::runs($label->ingredients->lines, $words), array_map(static fn (Allergen $one): string => $words->word('allergen', $one), $label->ingredients->allergens()),
            $label->madeOn, $label->useBy, $label->useBy < now()->toDateString(), array_map($words->say(...), $label->keep), array_map($words->say(...), $label->eat), $label->pieces, round($label->nutrition->pieceGrams()), self::rows($label->nutrition, $words),
            self::checks($label, $words),
            array_map(static fn (Allergen $one): string => $words->word($one === Allergen::Gluten ? 'allergen-name' : 'allergen', $one === Allergen::Gluten ? AllergenName::Wheat : $one), $label->ingredients->ofTheNine()),
        );
    }

    /** @return list<string> */
    private static function checks(Label $label, Words $words): array
    {
        $said = [];
        foreach ([AllergensKnown::Packet, AllergensKnown::Unknown] as $known) {
            $foods = $label->ingredients->known($known);
            if ($foods !== []) {
                $said[] = $words->say(new Statement("allergens.$known->value", ['foods' => implode(', ', $foods)]));
            }
        }

        return [...$said, ...($label->nutrition->withoutParts === [] ? [] : [$words->say(new Statement('label.parts-not-known', ['foods' => implode(', ', $label->nutrition->withoutParts)]))])];
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
            $printed = [...array_map(static fn ($one): string => $words->word($one instanceof AllergenName ? 'allergen-name' : 'allergen', $one), $line->printed()), ...($line->known === AllergensKnown::Unknown ? [$words->say(new Statement('label.allergens-not-known'))] : [])];
            foreach ($printed as $at => $allergen) {
                $runs = [...$runs, new LabelRun($at === 0 ? ' (' : ', ', false), new LabelRun($allergen, true)];
            }
            $runs = $printed === [] ? $runs : [...$runs, new LabelRun(')', false)];
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
