<?php

declare(strict_types=1);

namespace App\Wording;

use BackedEnum;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Measure\ClockTime;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\Temperature;
use Hojaldre\Core\Measure\TemperatureScale;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Statement\Statement;
use LogicException;
use MessageFormatter;

/**
 * The one place where codes and quantities of the core become sentences, in the cook's language and scale. Sentences stand in
 * lang/, written for the formatter of ICU; another language is another file there. The screen and the terminal use the same.
 */
final class Words
{
    /** @var array<string, array<string, string>> by language */
    private static array $sentences = [];

    public function __construct(private readonly TemperatureScale $scale = TemperatureScale::Celsius, private readonly string $language = 'en')
    {
    }

    public function say(Statement $statement): string
    {
        return $this->sentence($statement->code, $statement->with);
    }

    /** @param  list<Statement>  $statements */
    public function all(array $statements): string
    {
        return implode(' ', array_map($this->say(...), $statements));
    }

    /** What to do about something that was not taken. */
    public function mend(Refusal $refusal): string
    {
        // a number without a unit leaves a gap where the unit would stand
        return (string) preg_replace('/ +(?=[.,])/', '', $this->sentence('refused.'.$refusal->code, $refusal->with));
    }

    /** The word for a code, such as "verdict.soft". */
    public function word(string $group, BackedEnum|string|null $code): string
    {
        return $code === null ? '' : $this->sentence($group.'.'.($code instanceof BackedEnum ? $code->value : $code), []);
    }

    /** @param  list<string>  $things */
    public function list(array $things, string $join = 'list.and'): string
    {
        $last = array_pop($things);

        return $things === [] ? (string) $last : $this->sentence($join, ['first' => implode(', ', $things), 'last' => (string) $last]);
    }

    /** An oven as the cook tells it. */
    public function oven(float $celsius): string
    {
        return match ($this->scale) {
            TemperatureScale::Celsius => Figures::number($celsius).' °C',
            TemperatureScale::Fahrenheit => Figures::number(Temperature::celsius($celsius)->inFahrenheit()).' °F',
            TemperatureScale::GasMark => $this->gasMark($celsius),
        };
    }

    /** Marks go by quarters below 1 and by halves above. */
    private function gasMark(float $celsius): string
    {
        $mark = Temperature::celsius($celsius)->inGasMarks();
        $nearest = $mark < 1 ? max(0.25, round($mark * 4) / 4) : round($mark * 2) / 2;

        return $this->sentence('oven.gas', ['number' => $nearest]);
    }

    /** @param  array<string, mixed>  $with */
    private function sentence(string $code, array $with): string
    {
        $pattern = self::sentences($this->language)[$code] ?? throw new LogicException("lang/$this->language.php has no sentence for \"$code\".");
        if ($with === []) {
            return str_replace("''", "'", $pattern);
        }
        $arguments = [];
        foreach ($with as $name => $value) {
            // what a plural or a choice turns on stays a number or a word
            $isRaw = preg_match('/\{'.$name.', (?:plural|select)/', $pattern) === 1;
            $arguments[$name] = $isRaw ? $value : $this->quantity($name, $value);
        }
        $text = MessageFormatter::formatMessage($this->language, $pattern, $arguments);

        return $text === false ? throw new LogicException("The sentence \"$code\" in lang/$this->language.php cannot be formatted: ".intl_get_error_message()) : $text;
    }

    private function quantity(string $name, mixed $value): string
    {
        return match (true) {
            $value instanceof Statement => $this->say($value),
            is_array($value) => $this->things($name, $value),
            // broken letters would break the sentence around them
            is_string($value) => match ($name) {
                'food', 'into' => self::short($value),
                'field' => self::sentences($this->language)['field.'.$value] ?? '"'.mb_scrub($value).'"',
                'style' => $this->word('style', $value),
                'wish' => $this->word('wish', $value),
                'rim', 'underside' => $this->brownness($value),
                default => mb_scrub($value),
            },
            is_bool($value) => $value ? 'true' : 'false',
            is_int($value), is_float($value) => $this->figure($name, (float) $value),
            default => '',
        };
    }

    /** A word of the scale of brown; else a word that was said already. */
    private function brownness(string $value): string
    {
        return Brownness::tryFrom($value) === null ? $value : $this->word('brownness', $value);
    }

    /** @param  array<array-key, mixed>  $values */
    private function things(string $name, array $values): string
    {
        $things = array_map(fn (mixed $one): string => $name === 'foods' && is_string($one) ? self::short($one) : $this->quantity('', $one), array_values($values));

        return $this->list($things, in_array($name, ['allowed', 'known'], true) ? 'list.or' : 'list.and');
    }

    /** The unit stands at the end of the name. */
    private function figure(string $name, float $value): string
    {
        return match (true) {
            str_ends_with($name, 'ovenCelsius') => $this->oven($value),
            str_ends_with($name, 'exactCelsius') => Figures::number($value).' °C',
            str_ends_with($name, 'Celsius') => $this->celsius($value),
            str_ends_with($name, 'Kelvins') => $this->kelvins($value),
            str_ends_with($name, 'Minute') => $this->clock((int) $value),
            str_ends_with($name, 'exactMinutes') => Figures::number($value, 1).' min',
            str_ends_with($name, 'Minutes') => Figures::number($value).' min',
            str_ends_with($name, 'Grams') => Figures::grams($value),
            str_ends_with($name, 'exactMl') => Figures::number($value, 1).' ml',
            str_ends_with($name, 'Ml') => Figures::number($value).' ml',
            str_ends_with($name, 'Mm') => Figures::number($value, $value < 10 ? 1 : 0).' mm',
            str_ends_with($name, 'Cm') => Figures::number($value, 1),
            str_ends_with($name, 'Percent') => Figures::number($value).' %',
            str_ends_with($name, 'Kilobytes') => Figures::number($value).' kB',
            default => Figures::number($value, 2),
        };
    }

    /** A time of the day; on the days around it with a word for that. */
    private function clock(int $minute): string
    {
        $days = ClockTime::days($minute);

        return $days === 0 ? ClockTime::of($minute) : $this->sentence($days < 0 ? 'clock.before' : 'clock.after', ['time' => ClockTime::of($minute), 'days' => abs($days)]);
    }

    /** Food is not told in gas marks. */
    private function celsius(float $value): string
    {
        return $this->scale === TemperatureScale::Fahrenheit
            ? Figures::number(Temperature::celsius($value)->inFahrenheit()).' °F'
            : Figures::number($value).' °C';
    }

    private function kelvins(float $value): string
    {
        return $this->scale === TemperatureScale::Fahrenheit ? Figures::number($value * 9 / 5).' °F' : Figures::number($value).' °C';
    }

    /** "Leeks, trimmed" is leeks, in the middle of a sentence. */
    private static function short(string $food): string
    {
        return mb_strtolower(explode(',', $food)[0]);
    }

    /** @return array<string, string> */
    private static function sentences(string $language): array
    {
        if (! isset(self::$sentences[$language])) {
            $sentences = require dirname(__DIR__, 2)."/lang/$language.php";
            assert(is_array($sentences));
            /** @var array<string, string> $sentences */
            self::$sentences[$language] = $sentences;
        }

        return self::$sentences[$language];
    }
}
