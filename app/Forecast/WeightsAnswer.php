<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Statement\Statement;

#[Schema('Weights')]
final readonly class WeightsAnswer
{
    /**
     * @param  float  $crustGrams  raw dough in the tin, trimmed
     * @param  float  $portionGrams  before baking
     * @param  string  $portions  what stands after their number: of what, each of what weight
     */
    private function __construct(public float $crustGrams, public float $fillingGrams, public float $intoTheOvenGrams, public float $portionGrams, public string $portions)
    {
    }

    public static function of(Weights $weights, Words $words): self
    {
        $crust = $weights->crustGrams();
        $all = $crust + $weights->fillingGrams;
        $each = $all / $weights->pie->portions;
        $isFold = $weights->pie->form() === Form::Folded;

        return new self(
            round($crust, 1), round($weights->fillingGrams, 1), round($all, 1), round($each, 1),
            $words->say(new Statement($isFold ? 'portion.pasties' : 'portion.slices', ['portions' => $weights->pie->portions, 'eachGrams' => $each])),
        );
    }
}
