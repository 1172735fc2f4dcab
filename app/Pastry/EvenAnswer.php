<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Pastry\Even\DoughAndFilling;
use Hojaldre\Core\Pastry\Even\EvenVerdict;
use Hojaldre\Core\Pastry\Even\WayToEven;
use Hojaldre\Core\Statement\Statement;

/** Whether dough and filling of folded pieces come out even. */
#[Schema('DoughAndFilling')]
final readonly class EvenAnswer
{
    /**
     * @param  int  $discs  that the dough gives
     * @param  float  $fills  pieces that the filling is enough for
     * @param  float  $leastGrams  of filling in each: below, it is hollow
     * @param  float  $mostGrams  above, it does not close
     * @param  string  $spoons  of filling in each
     * @param  string  $says  the word: even, or how much is over or short
     * @param  list<WayToEvenAnswer>  $ways
     */
    private function __construct(
        public int $wanted,
        public int $discs,
        public float $fills,
        public float $fillingGrams,
        public float $eachGrams,
        public float $leastGrams,
        public float $mostGrams,
        public string $spoons,
        public EvenVerdict $verdict,
        public string $says,
        public string $settled,
        public array $ways,
    ) {
    }

    public static function of(DoughAndFilling $even, FoldChoice $fold, Words $words): self
    {
        $filling = $even->filling($even->tin->lengthMm);
        $over = $even->overGrams();

        return new self(
            $even->wanted, $even->discs(), round($even->fills(), 2), round($even->fillingGrams, 1), round($even->eachGrams(), 1),
            round($filling->leastGrams, 1), round($filling->mostGrams, 1), $words->say(new Statement('evenness.spoons', ['spoons' => $filling->heapedSpoons($even->eachGrams())])),
            $even->verdict(), $words->say(new Statement('evenness.'.$even->verdict()->value, ['moreGrams' => abs($over)])),
            $fold->settled === null ? '' : $words->word('settled', $fold->settled),
            array_map(static fn (WayToEven $way): WayToEvenAnswer => WayToEvenAnswer::of($way, $even, $words), $even->ways()),
        );
    }
}
