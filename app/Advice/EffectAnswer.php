<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Forecast\ReadingAnswer;
use App\Forecast\Rounded;
use App\Wording\Words;
use Hojaldre\Core\Advice\Effect;
use Hojaldre\Core\Forecast\Readings\ReadingName;

/** What a change does to one reading. */
#[Schema('Effect')]
final readonly class EffectAnswer
{
    /** @param  bool  $inWords  its scale is told in words: the verdicts say it, not the figures */
    private function __construct(
        public ReadingName $name,
        public string $title,
        public string $unit,
        public int $decimals,
        public bool $inWords,
        public ?float $from,
        public ?float $to,
        public string $verdictBefore,
        public string $verdictAfter,
    ) {
    }

    public static function of(Effect $effect, Words $words): self
    {
        return new self(
            $effect->name, $words->word('reading', $effect->name), $words->word('short-unit', $effect->before->unit), ReadingAnswer::decimals($effect->before), ReadingAnswer::inWords($effect->before),
            Rounded::to($effect->before->value, 3), Rounded::to($effect->after->value, 3),
            $words->word('verdict', $effect->before->verdict), $words->word('verdict', $effect->after->verdict),
        );
    }

    /**
     * @param  list<Effect>  $effects
     * @return list<self>
     */
    public static function all(array $effects, Words $words): array
    {
        return array_map(static fn (Effect $one): self => self::of($one, $words), $effects);
    }
}
