<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Measure\OvenHeat;
use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Measure\Span;
use Hojaldre\Core\Measure\TemperatureScale;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Refusal\Refused;

/** What the sentences of a method tell of the oven: the stages of the empty shell, and those of the filled pie. */
final readonly class Method
{
    private const HEAT = '~(?:\b(?:gas(?:\s*mark)?\s*\d+(?:\s?/\s?\d)?)|(?<![\d.])(?:[1-5]\d\d)\s*(?:°|º|˚|degrees|deg)?\s*(?:c|f|celsius|fahrenheit|centigrade)?\b(?:\s*\(?fan\)?)?|\bfan\s*(?:oven\s*)?(?:1\d\d|2\d\d))(?!\s*(?:g|ml|grams|mls|mm)\b)~iu';

    private const OVEN_WORDS = '/\b(?:(?:very |moderately |fairly )?(?:hot|moderate|slow|low|medium|cool)) oven\b/iu';

    private const TIME = '/(?:(?:an?|one|two|half an|1|2|1\s?½|1 1\/2|½|\d+(?:\.\d+)?)\s*(?:-|–|to)?\s*(?:\d+)?\s*(?:h|hr|hrs|hours?)\b(?:\s*(?:and\s*)?(?:a (?:quarter|half)|\d+\s*(?:min(?:ute)?s?)?))?|(?:about |around |another |a further |roughly |approximately )?(?:\d+|five|ten|twelve|fifteen|twenty|twenty-five|thirty|forty|forty-five|fifty)\s*(?:(?:-|–|to|or)\s*(?:\d+|five|ten|fifteen|twenty|thirty|forty|fifty)\s*)?(?:more )?(?:m|min|mins|minutes?)\b|half an hour|three[- ]quarters of an hour)/iu';

    private const BLIND = '/\b(?:blind|baking beans|pie weights|ceramic beans|dried beans|beans|(?:with|in) (?:rice|beans|weights|pulses|lentils)|par-?bak|pre-?bake|bake the (?:empty |pastry )?(?:shell|case|crust|pastry case|base|tart shell|tart case|pie crust|pastry)|beans and (?:paper|foil)|paper and (?:the )?(?:beans|weights)|weights)\b/iu';

    private const BARE = '/\b(?:remove|lift out|take out|discard|without|out with|lose|uncovered?)\b[^.]{0,40}\b(?:beans|weights|paper|foil|parchment|rice|pulses|lentils)\b|\b(?:beans|weights) (?:and paper )?out\b/iu';

    /** Behind a time: the shell stands without its weights. */
    private const WITHOUT = '/^\s*(?:more |longer )?(?:without|bare|uncovered)/iu';

    private const BAKE = '/\b(?:bake|baked|baking|in(?:to)? the oven|return to the oven|back in(?:to)? the oven|oven for|goes in(?:to)?)\b|\b(?:cook|roast|give)\w*\b[^.]{0,60}\b(?:oven|golden|set|pastry|pie|tart|quiche|pasties)\b/iu';

    private const NOT_THE_PIE = '/\b(?:roast the|roast them|toast the|chill|fridge|refrigerat|rest for|leave to rest|stand for|freez|simmer|boil|fry|saut[eé]|sweat|soften|soak|marinat|let it rest|cool for|rest the|bake the (?:squash|pumpkin|potato|beetroot|garlic)|reheat|melt|skillet|frying pan|onions?|mushrooms?|vegetables?|spinach|bacon)\b/iu';

    /**
     * @param  list<array{ShellSupport, float, bool, Span}>  $shell  how, heat °C, whether with a fan, minutes
     * @param  list<array{float, OvenMode|null, Span}>  $stages  heat °C, minutes
     * @param  bool  $isBlind  the shell is baked before it is filled
     */
    private function __construct(public array $shell, public array $stages, public ?float $celsius, public ?OvenMode $mode, public bool $isBlind)
    {
    }

    /** @param  list<string>  $sentences */
    public static function of(array $sentences): self
    {
        $shell = $stages = [];
        $celsius = $last = $mode = null;
        $isBlind = $isFilled = false;
        foreach ($sentences as $sentence) {
            $heats = self::heats($sentence);
            [$times, $without] = self::times(self::withMinutes($sentence));
            if ($heats !== []) {
                [$celsius, $mode] = $heats[0];
            }
            $blind = preg_match(self::BLIND, $sentence) === 1;
            $bare = preg_match(self::BARE, $sentence) === 1;
            $isFilled = $isFilled || preg_match('/\b(?:pour|fill|tip (?:the|in)|spread|spoon|arrange|scatter|add the filling)\b/iu', $sentence) === 1 && ! $blind;
            if ($blind || $bare && $isBlind) {
                $isBlind = true;
                foreach ($times as $offset => $minutes) {
                    // "bake for 15 minutes, remove the beans and give it 5 more"
                    $shell[] = [$bare && $offset > self::bareFrom(self::withMinutes($sentence)) || in_array($offset, $without, true) ? ShellSupport::Bare : ShellSupport::Weighted, $celsius ?? 190.0, $mode === OvenMode::Fan, $minutes];
                }
            } elseif ($times !== [] && (preg_match(self::BAKE, $sentence) === 1 || $heats !== []) && ! (preg_match(self::NOT_THE_PIE, $sentence) === 1 && preg_match('/\bbake\b/iu', $sentence) !== 1)) {
                if ($isBlind && ! $isFilled && $shell !== [] && preg_match('/\b(?:more|further|another|until (?:dry|pale|golden|crisp|sandy)|base)\b/iu', $sentence) === 1) {
                    $shell[] = [ShellSupport::Bare, $celsius ?? 190.0, $mode === OvenMode::Fan, array_values($times)[0]];

                    continue;
                }
                foreach (array_values($times) as $index => $minutes) {
                    [$heat, $how] = $heats[$index] ?? $heats[count($heats) - 1] ?? [$celsius, $mode];
                    // told twice ("40 minutes, turning after 20"): the first counts
                    if ($index > 0 && preg_match('/\b(?:then|reduce|lower|turn (?:the oven |it )?down|more|further|another)\b/iu', $sentence) !== 1) {
                        break;
                    }
                    $stages[] = [$heat ?? 180.0, $how, $minutes];
                }
                $last = $sentence;
            }
            if ($heats !== []) {
                [$celsius, $mode] = $heats[count($heats) - 1];
            }
        }

        return new self(array_slice($shell, 0, 4), array_slice($stages, 0, 4), $celsius, $mode, $isBlind);
    }

    /** @return list<array{float, OvenMode|null}> */
    private static function heats(string $sentence): array
    {
        $heats = [];
        // one heat told in several ways stands together: "200C/180C fan/gas 6", "375°F (190°C)"
        $run = '~'.substr(self::HEAT, 1, -3).'(?:\s*[/,;(|–-]*\s*(?:or\s*)?'.substr(self::HEAT, 1, -3).'\)?)*~iu';
        preg_match_all($run, $sentence, $found);
        foreach ($found[0] as $words) {
            $words = (string) preg_replace('~(\d)\s*°?\s*([cf])(\d)~iu', '$1 $2 $3', $words);
            try {
                $entry = OvenHeat::read(str_replace(['|', ';', ','], '/', $words), TemperatureScale::Celsius);
                if ($entry->value >= 100 && $entry->value <= 290) {
                    $heats[] = [$entry->value, $entry->isFan === null ? null : ($entry->isFan ? OvenMode::Fan : OvenMode::Static)];
                }
            } catch (Refused) {
                continue;
            }
        }
        if ($heats === [] && preg_match(self::OVEN_WORDS, $sentence, $m) === 1) {
            $entry = OvenHeat::read($m[0]);
            $heats[] = [$entry->value, null];
        }
        if ($heats !== [] && preg_match('/\b(?:fan|convection)\b/iu', $sentence) === 1 && $heats[0][1] === null && count($found[0]) === 1 && preg_match('/\bfan oven\b|\bfan\b/iu', $sentence) === 1) {
            $heats[0][1] = OvenMode::Fan;
        }

        return $heats;
    }

    /** "then 5 without the beans": minutes, though nobody says so. */
    private static function withMinutes(string $sentence): string
    {
        return (string) preg_replace('/\b(\d{1,2})(?= (?:more )?(?:without|bare\b))/iu', '$1 min', $sentence);
    }

    /** Where it is said that the weights come out. */
    private static function bareFrom(string $sentence): int
    {
        return preg_match(self::BARE, $sentence, $m, PREG_OFFSET_CAPTURE) === 1 ? $m[0][1] : PHP_INT_MAX;
    }

    /** @return array{array<int, Span>, list<int>} by where they stand; and which of them are without weights */
    private static function times(string $sentence): array
    {
        preg_match_all(self::TIME, $sentence, $found, PREG_OFFSET_CAPTURE);
        $times = $without = [];
        foreach ($found[0] as [$words, $offset]) {
            if (preg_match(self::WITHOUT, substr($sentence, $offset + strlen($words))) === 1) {
                $without[] = $offset;
            }
            try {
                $times[$offset] = QuantityParser::minutes((string) preg_replace('/\b(?:another|a further|more)\s+/iu', '', $words))->span();
            } catch (Refused) {
                continue;
            }
        }

        return [$times, $without];
    }
}
