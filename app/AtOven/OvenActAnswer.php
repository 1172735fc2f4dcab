<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\ActAnswer;
use Hojaldre\Core\AtOven\ActName;
use Hojaldre\Core\AtOven\CueName;
use Hojaldre\Core\AtOven\OvenAct;

#[Schema('OvenAct')]
final readonly class OvenActAnswer
{
    /**
     * @param  string  $id  alone in its leg
     * @param  float  $minute  since the leg went in; of what comes after it is out, since then
     * @param  string  $done  the word for a press of it
     * @param  list<SeenAnswer>  $answers  to what is seen; none where it is done and that is all
     */
    private function __construct(
        public string $id,
        public ActName $name,
        public float $minute,
        public bool $isAfterOut,
        public string $title,
        public string $done,
        public string $says,
        public array $answers,
        public ?CueName $cue,
    ) {
    }

    public static function of(OvenAct $act, Words $words): self
    {
        return new self(
            $act->id, $act->name, $act->minute, $act->isAfterOut, $words->say($act->title), $words->word('oven-done', $act->name), $words->all($act->says),
            array_map(static fn (ActAnswer $one): SeenAnswer => SeenAnswer::of($one, $words), $act->answers), $act->cue,
        );
    }
}
