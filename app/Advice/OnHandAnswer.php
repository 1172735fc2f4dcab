<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Forecast\SectionAnswer;
use App\Pie\PieVerdict;
use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Advice\OnHand\PieOnHand;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Statement\Statement;

/** A pie that can be made of what is there. */
#[Schema('OnHandPie')]
final readonly class OnHandAnswer
{
    /**
     * @param  string  $grams  all that goes in, for this tin
     * @param  list<string>  $missing  what it wants beside, in words
     * @param  list<PieVerdict>  $verdicts  that it would get
     */
    private function __construct(public PieKind $kind, public Pie $design, public string $tinLabel, public string $grams, public array $missing, public SectionAnswer $section, public array $verdicts)
    {
    }

    public static function of(PieOnHand $one, Words $words): self
    {
        $pie = $one->forecast->pie;
        $name = $words->say(new Statement('on-hand.name', ['kind' => $words->word('kind', $one->kind), 'foods' => array_map(static fn (Food $food): string => $food->name, $one->fills)]));

        return new self(
            $one->kind, $pie->withName(mb_substr($name, 0, 110)), $words->say(TinWords::label($pie->tin)), self::grams($pie, $words),
            array_map(static fn (Food $food): string => mb_strtolower($food->name), $one->missing), SectionAnswer::of($one->forecast->section(), $words),
            array_map(static fn (Reading $reading): PieVerdict => PieVerdict::of(['name' => $reading->name->value, 'verdict' => $reading->verdict->value, 'state' => $reading->state->value], $words), $one->forecast->readings),
        );
    }

    private static function grams(Pie $pie, Words $words): string
    {
        $all = array_merge(...array_map(static fn ($layer): array => $layer->ingredients(), $pie->layers), ...[$pie->seasonings]);

        return implode(', ', array_map(static fn (Ingredient $part): string => $words->say(new Statement('on-hand.part', ['text' => $part->amount->words, 'food' => $part->food->id === 'egg' ? 'eggs' : $part->food->name])), $all));
    }
}
