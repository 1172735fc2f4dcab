<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Advice\Effect;
use Hojaldre\Core\Advice\KitchenMatch;
use Hojaldre\Core\Oven\Matched;

/** What explains best how a bake came out. */
#[Schema('KitchenMatch')]
final readonly class MatchAnswer
{
    /**
     * @param  Matched|null  $matched  to put into the design at /bake/matched; null where a usual oven explains it
     * @param  list<EffectAnswer>  $effects  what the forecast says with it
     */
    private function __construct(public ?Matched $matched, public string $says, public array $effects)
    {
    }

    public static function of(KitchenMatch $match, Words $words): self
    {
        return new self(
            $match->isUsual() ? null : $match->matched,
            $words->all($match->says()),
            EffectAnswer::all(Effect::between($match->before->readings, $match->after->readings), $words),
        );
    }
}
