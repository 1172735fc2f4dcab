<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Forecast\NamedGrams;
use App\Wording\Words;
use Hojaldre\Core\Advice\ShellAdvice;
use Hojaldre\Core\Advice\ShellOption;
use Hojaldre\Core\Pastry\PieWeight;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Statement\Statement;

/** Par-bake or not. */
#[Schema('ShellAdvice')]
final readonly class ShellAdviceAnswer
{
    /**
     * @param  string  $choiceName  as it is shown
     * @param  list<ShellOptionAnswer>  $options
     * @param  string  $without  the best for a cook who never bakes a shell blind
     * @param  float  $roomMl  of the lined tin to its rim
     * @param  list<NamedGrams>  $weights  that would fill it
     */
    private function __construct(public ShellBake $choice, public string $choiceName, public string $why, public array $options, public string $without, public float $roomMl, public array $weights)
    {
    }

    public static function of(ShellAdvice $advice, Words $words): self
    {
        $options = array_map(static fn (ShellOption $one): ShellOptionAnswer => ShellOptionAnswer::of($one, $words), $advice->options);
        $told = implode('; ', array_map(static fn (ShellOptionAnswer $one): string => $words->say(new Statement('shell-option', ['shell' => $one->title, 'verdict' => $one->verdict, 'rim' => $one->rim])), $options));

        return new self(
            $advice->choice, $words->word('shell-choice', $advice->choice),
            $words->say(new Statement('shell-why.'.($advice->isDry ? $advice->choice->value : 'wet'), ['options' => $told])),
            $options, self::without($advice, $words), round($advice->roomMl, -1),
            array_map(static fn (PieWeight $one): NamedGrams => new NamedGrams($words->word('pie-weight', $one), round($advice->roomMl * $one->gramsPerMl(), -1)), $advice->pieWeights),
        );
    }

    private static function without(ShellAdvice $advice, Words $words): string
    {
        $way = $advice->without;
        if ($way === null) {
            return $words->word('shell-without', $advice->isDryWithout ? 'dry' : 'nothing');
        }

        return $words->say(new Statement($way->clears ? 'shell-without.way' : 'shell-without.not-enough', ['act' => lcfirst(WayOutAnswer::act($way, $words))]));
    }
}
