<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Forecast\ReadingAnswer;
use App\Wording\Words;
use Hojaldre\Core\Advice\Assumptions\Alternative;
use Hojaldre\Core\Advice\Assumptions\Question;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** One thing that nobody said, and how far the answer moves a reading. */
#[Schema('Question')]
final readonly class QuestionAnswer
{
    /**
     * @param  string  $place  JSON pointer into the design, a layer by its id
     * @param  string  $moves  "set 38 to 44 min", "base dry to soft"; empty where it moves nothing
     * @param  list<QuestionChoice>  $answers  in their natural order
     */
    private function __construct(public string $place, public string $asks, public string $moves, public array $answers)
    {
    }

    public static function of(Question $question, Pie $pie, Words $words): self
    {
        return new self(
            $question->place, $words->say($question->asks), self::moves($question, $words),
            array_map(static fn (Alternative $one): QuestionChoice => QuestionChoice::of($one, $pie, $words), $question->alternatives),
        );
    }

    private static function moves(Question $question, Words $words): string
    {
        $name = $question->least === null ? '' : mb_strtolower($words->word('reading', $question->least->name));
        $ends = array_map(static fn (?Reading $one): string => self::end($one, $words), [$question->least, $question->most]);

        return match (true) {
            $name === '' => '',
            $ends[0] === $ends[1] => "$name $ends[0]",
            $question->least !== null && ! ReadingAnswer::inWords($question->least) => "$name $ends[0]–$ends[1] ".$words->word('short-unit', $question->least->unit),
            default => $words->say(new Statement('question.moves', ['name' => $name, 'least' => $ends[0], 'most' => $ends[1]])),
        };
    }

    private static function end(?Reading $reading, Words $words): string
    {
        return match (true) {
            $reading === null => '',
            ReadingAnswer::inWords($reading) => $words->word('verdict', $reading->verdict),
            default => Figures::number($reading->value ?? 0.0, ReadingAnswer::decimals($reading)),
        };
    }
}
